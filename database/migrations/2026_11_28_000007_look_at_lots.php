<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A lot that somebody doubts is looked at before its next piece is packed; only that look, or a person, puts it on hold. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('alter table lot_moves drop constraint lot_moves_entry, drop constraint lot_moves_sign');
        DB::statement(
            "alter table lot_moves add constraint lot_moves_entry check (entry in ('received', 'counted', 'packed',
                'unpacked', 'wasted', 'sent', 'returned', 'corrected', 'held', 'freed', 'look', 'looked')),
                add constraint lot_moves_sign check (case when entry in ('received', 'unpacked', 'returned')
                then quantity > 0 when entry in ('packed', 'wasted', 'sent') then quantity < 0
                when entry in ('held', 'freed', 'look', 'looked') then quantity = 0 else true end)",
        );
        DB::statement('alter table lot_states add column look boolean not null default false');
        DB::statement("create or replace function keep_lot_state() returns trigger language plpgsql security definer
            set search_path = public as \$\$ begin
            update lot_states set on_hand = on_hand + new.quantity, moved_at = new.created_at,
                held = case new.entry when 'held' then true when 'freed' then false else held end,
                look = case when new.entry = 'look' then true when new.entry in ('looked', 'held', 'freed') then false
                else look end,
                note = case when new.entry in ('held', 'look') then new.note when new.entry in ('freed', 'looked')
                then '' else note end,
                supplier = coalesce(new.supplier, supplier), received_on = coalesce(new.received_on, received_on),
                is_received = is_received or new.entry = 'received', unit_cost = coalesce(new.unit_cost, unit_cost)
                where lot_id = new.lot_id;
            return new; end \$\$");
    }
};
