<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Parts in stock by lot: a book that only grows, with what is on hand kept beside it by a trigger. A bin is the drawer a part is
 * packed from: a lot lies in it until it is emptied.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('stock_parts', function (Blueprint $table): void {
            $table->id();
            $table->string('fingerprint', 190)->unique();
            $table->string('title', 190);
            $table->string('unit', 5)->default('piece');
            $table->timestampTz('created_at');
        });
        DB::statement("alter table stock_parts add constraint stock_parts_unit check (unit in ('piece', 'mm'))");
        Schema::create('lots', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->foreignId('stock_part_id')->constrained();
            $table->string('name', 40);
            $table->foreignId('user_id')->nullable()->constrained();
            $table->index('user_id');
            $table->timestampTz('created_at');
        });
        DB::statement('create unique index lots_name on lots (stock_part_id, lower(name))');
        Schema::create('lot_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lot_id')->constrained();
            $table->index('lot_id');
            $table->uuid('operation_id');
            $table->string('entry', 10);
            $table->decimal('quantity', 14, 3);
            $table->foreignId('run_id')->nullable()->constrained();
            $table->integer('line')->nullable();
            $table->integer('pack')->nullable();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->index('user_id');
            $table->string('note', 200)->default('');
            // Only where a lot is received, once: from whom, when, and what a piece or a millimetre cost.
            $table->string('supplier', 80)->nullable();
            $table->date('received_on')->nullable();
            $table->decimal('unit_cost', 18, 8)->nullable();
            $table->timestampTz('created_at');
            $table->unique(['operation_id', 'lot_id', 'entry']);
            $table->index(['run_id', 'line', 'pack']);
        });
        // Other lots that lay in the same bin then: a piece may be of any of them.
        DB::statement("alter table lot_moves add column beside bigint[] not null default '{}'");
        DB::statement("create index lot_moves_beside on lot_moves using gin (beside) where beside <> '{}'");
        DB::statement(
            "alter table lot_moves add constraint lot_moves_entry check (entry in ('received', 'counted', 'packed',
                'unpacked', 'wasted', 'sent', 'returned', 'corrected', 'held', 'freed')),
                add constraint lot_moves_sign check (case when entry in ('received', 'unpacked', 'returned')
                then quantity > 0 when entry in ('packed', 'wasted', 'sent') then quantity < 0
                when entry in ('held', 'freed') then quantity = 0 else true end),
                add constraint lot_moves_cell check ((entry in ('packed', 'unpacked')) = (run_id is not null
                and line is not null and pack is not null)),
                add constraint lot_moves_receipt check ((entry = 'received') = (supplier is not null
                and received_on is not null and unit_cost is not null and unit_cost >= 0))",
        );
        DB::statement("create unique index lot_moves_received on lot_moves (lot_id) where entry = 'received'");
        Schema::create('lot_states', function (Blueprint $table): void {
            $table->foreignId('lot_id')->primary()->constrained();
            $table->foreignId('stock_part_id')->constrained();
            $table->decimal('on_hand', 14, 3)->default(0);
            $table->boolean('held')->default(false);
            $table->string('note', 200)->default('');
            $table->string('supplier', 80)->default('');
            $table->date('received_on');
            $table->boolean('is_received')->default(false);
            $table->decimal('unit_cost', 18, 8)->default(0);
            $table->timestampTz('moved_at')->nullable();
            $table->index(['stock_part_id', 'lot_id']);
        });
        DB::statement('create index lot_states_held on lot_states (lot_id) where held');
        DB::statement('create index lot_states_over on lot_states (lot_id) where on_hand < 0');
        DB::statement("create or replace function keep_lot() returns trigger language plpgsql security definer
            set search_path = public as \$\$ begin
            insert into lot_states (lot_id, stock_part_id, received_on)
                values (new.id, new.stock_part_id, new.created_at::date);
            return new; end \$\$");
        DB::statement("create or replace function keep_lot_state() returns trigger language plpgsql security definer
            set search_path = public as \$\$ begin
            update lot_states set on_hand = on_hand + new.quantity, moved_at = new.created_at,
                held = case new.entry when 'held' then true when 'freed' then false else held end,
                note = case when new.entry = 'held' then new.note when new.entry = 'freed' then '' else note end,
                supplier = coalesce(new.supplier, supplier), received_on = coalesce(new.received_on, received_on),
                is_received = is_received or new.entry = 'received', unit_cost = coalesce(new.unit_cost, unit_cost)
                where lot_id = new.lot_id;
            return new; end \$\$");
        DB::statement('create trigger lots_state after insert on lots for each row execute function keep_lot()');
        DB::statement(
            'create trigger lot_moves_state after insert on lot_moves for each row execute function keep_lot_state()',
        );
        Schema::create('bin_lots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stock_part_id')->constrained();
            $table->foreignId('lot_id')->constrained();
            $table->index('lot_id');
            $table->uuid('operation_id');
            $table->timestampTz('emptied_at')->nullable();
            $table->timestampTz('created_at');
        });
        DB::statement('create unique index bin_lots_open on bin_lots (stock_part_id, lot_id) where emptied_at is null');
        // A cut sheet is printed for so many kits.
        Schema::table('exports', static fn(Blueprint $table) => $table->integer('kits')->default(1));
        // A hole is filled at any later time.
        DB::statement('alter table run_events drop constraint run_events_action');
        DB::statement(
            "alter table run_events add constraint run_events_action check (action in ('in', 'short', 'undo', 'lot', 'fill'))",
        );
        foreach (['lots', 'lot_moves'] as $table) {
            DB::statement("grant select, insert on {$table} to chiralex_app");
            DB::statement(
                "create or replace function {$table}_is_append_only() returns trigger language plpgsql as \$\$ begin raise exception '{$table} is append-only'; end \$\$",
            );
            DB::statement(
                "create trigger {$table}_append_only before update or delete on {$table} for each row execute function {$table}_is_append_only()",
            );
        }
        DB::statement('grant select on lot_states to chiralex_app');
        DB::statement('grant select, insert on stock_parts to chiralex_app');
        DB::statement('grant select, insert, update, delete on bin_lots to chiralex_app');
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }
};
