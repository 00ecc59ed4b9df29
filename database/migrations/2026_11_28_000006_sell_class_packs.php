<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * A class pack is sold as it is packed: its kits are sealed until somebody opens it, and from then on they are kits like others. What
 * is on hand of each is one view.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('alter table unit_moves drop constraint kit_ledger_entry');
        DB::statement(
            "alter table unit_moves add constraint unit_moves_entry check (entry in ('packed', 'unpacked', 'opened',
                'allocated', 'freed', 'shipped', 'returned', 'scrapped'))",
        );
        DB::statement('alter table unit_states add column sealed boolean not null default false');
        DB::statement(
            'update unit_states set sealed = true from units join runs on runs.id = units.run_id
                where units.id = unit_states.unit_id and runs.pack_size > 1',
        );
        DB::statement('alter table order_lines add column pack_size smallint not null default 1');
        DB::statement(
            'alter table order_lines add constraint order_lines_pack_size check (pack_size in (1, 5, 10, 20))',
        );
        DB::statement("create or replace function keep_unit_state() returns trigger language plpgsql security definer
            set search_path = public as \$\$
            declare was unit_states%rowtype;
            begin
            select * into was from unit_states where unit_id = new.unit_id;
            if was.order_id is not null then
                update order_states set allocated = allocated - (was.entry = 'allocated')::int, shipped = shipped - (was.entry = 'shipped')::int where order_id = was.order_id;
            end if;
            if new.order_id is not null then
                update order_states set allocated = allocated + (new.entry = 'allocated')::int, shipped = shipped + (new.entry = 'shipped')::int where order_id = new.order_id;
            end if;
            insert into unit_states (unit_id, kit_id, options, sequence, entry, order_id, at, sealed)
                select new.unit_id, revisions.kit_id, runs.options, new.sequence, new.entry, new.order_id,
                    new.created_at, runs.pack_size > 1
                from units join runs on runs.id = units.run_id join releases on releases.id = units.release_id
                join revisions on revisions.id = releases.revision_id where units.id = new.unit_id
            on conflict (unit_id) do update set sequence = excluded.sequence, entry = excluded.entry,
                order_id = excluded.order_id, at = excluded.at,
                sealed = unit_states.sealed and excluded.entry <> 'opened';
            return new; end \$\$");
        DB::statement("create or replace function keep_order_state() returns trigger language plpgsql security definer set search_path = public as \$\$ begin
            insert into order_states (order_id, placed_on, wanted)
                select new.order_id, orders.placed_on, new.quantity * new.pack_size from orders where id = new.order_id
            on conflict (order_id) do update set wanted = order_states.wanted + excluded.wanted;
            return new; end \$\$");
        DB::statement("create view packs_on_hand as
            select unit_states.kit_id, unit_states.options, runs.pack_size, runs.id as run_id, units.pack
                from unit_states join units on units.id = unit_states.unit_id join runs on runs.id = units.run_id
                where unit_states.sealed and unit_states.entry in ('packed', 'freed', 'opened')
                group by unit_states.kit_id, unit_states.options, runs.pack_size, runs.id, units.pack
                having count(*) = runs.pack_size");
        DB::statement("create view articles_on_hand as
            select kit_id, options, 1 as pack_size, count(*) as n from unit_states
                where not sealed and entry in ('packed', 'freed', 'opened') group by kit_id, options
            union all select kit_id, options, pack_size, count(*) from packs_on_hand group by kit_id, options, pack_size");
        DB::statement('grant select on packs_on_hand, articles_on_hand to chiralex_app');
    }
};
