<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * An order changes as a book does: by lines that take away what a line before them gave. What is asked of it is always their sum. Its
 * turn is the day it was placed, until somebody moves it.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('order_changes', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->foreignId('order_id')->index()->constrained();
            $table->string('kind', 10);
            $table->string('note', 200)->default('');
            $table->foreignId('user_id')->nullable()->index()->constrained();
            $table->timestampTz('created_at');
        });
        DB::statement(
            "alter table order_changes add constraint order_changes_kind check (kind in ('changed', 'cancelled',
                'returned', 'tracked'))",
        );
        DB::statement(
            'alter table order_lines drop constraint order_lines_quantity, add constraint order_lines_quantity check
                (quantity <> 0 and quantity between -1000 and 1000 and (quantity > 0 or order_change_id is not null)),
                add column order_change_id bigint references order_changes (id)',
        );
        DB::statement('create index order_lines_order_change_id_index on order_lines (order_change_id)');
        Schema::create('order_turns', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->foreignId('order_id')->index()->constrained();
            $table->decimal('turn', 40, 24);
            $table->foreignId('user_id')->nullable()->index()->constrained();
            $table->timestampTz('created_at');
        });
        foreach (['order_changes', 'order_turns'] as $book) {
            DB::statement("create or replace function {$book}_is_append_only() returns trigger language plpgsql as \$\$ begin
                raise exception '{$book} is append-only'; end \$\$");
            DB::statement("create trigger {$book}_append_only before update or delete on {$book} for each row
                execute function {$book}_is_append_only()");
            DB::statement("grant select, insert on {$book} to chiralex_app");
        }
        Schema::create('article_names', function (Blueprint $table): void {
            $table->string('name', 200)->primary()->comment('as a shop outside calls it, in small letters');
            $table->foreignId('article_id')->index()->constrained();
            $table->timestampTz('created_at');
        });
        DB::statement('grant select, insert, update on article_names to chiralex_app');
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
        Schema::create('carrier_files', function (Blueprint $table): void {
            $table->foreignId('order_id')->primary()->constrained();
            $table->timestampTz('created_at');
        });
        DB::statement('grant select, insert on carrier_files to chiralex_app');
        Schema::table('shops', static fn(Blueprint $table) => $table->string('country', 60)->default(''));
        $this->states();
    }

    private function states(): void
    {
        DB::statement('drop index order_states_turn');
        DB::statement(
            "alter table order_states drop column stage, add column turn numeric not null default 0,
                add column stage text not null generated always as (case when wanted = 0 then 'cancelled'
                when shipped >= wanted then 'shipped' when allocated + shipped >= wanted then 'allocated'
                else 'open' end) stored,
                add column closed boolean not null generated always as (shipped >= wanted) stored,
                add constraint order_states_wanted check (wanted >= 0)",
        );
        DB::statement("update order_states set turn = placed_on - date '2000-01-01' + order_id * 0.000000001");
        DB::statement('create index order_states_turn on order_states (closed, turn)');
        DB::statement(
            "create index unit_moves_packed on unit_moves (created_at) where entry = 'packed' and sequence = 1",
        );
        DB::statement("create or replace function keep_order_state() returns trigger language plpgsql security definer set search_path = public as \$\$ begin
            insert into order_states (order_id, placed_on, wanted, turn)
                select new.order_id, placed_on, 0, placed_on - date '2000-01-01' + new.order_id * 0.000000001
                from orders where id = new.order_id
            on conflict (order_id) do nothing;
            update order_states set wanted = wanted + new.quantity * articles.pack_size from articles
                where order_id = new.order_id and articles.id = new.article_id;
            return new; end \$\$");
        DB::statement("create or replace function keep_order_turn() returns trigger language plpgsql security definer
            set search_path = public as \$\$ begin
            update order_states set turn = new.turn where order_id = new.order_id;
            return new; end \$\$");
        DB::statement(
            'create trigger order_turns_state after insert on order_turns for each row execute function keep_order_turn()',
        );
    }
};
