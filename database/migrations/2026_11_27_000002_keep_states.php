<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The state of what is logged, kept beside the logs by triggers, so that no list replays a log; indexes for everything joined.
 * The logs stay the truth: each state can be made again from them.
 */
return new class extends Migration {
    public function up(): void
    {
        $this->units();
        $this->orders();
        $this->reports();
        $this->runs();
        foreach (
            [
                'original_files' => ['revision_id'],
                'edits' => ['user_id'],
                'audit' => ['user_id', 'created_at'],
                'releases' => ['user_id'],
                'runs' => ['release_id', 'user_id'],
                'run_events' => ['user_id'],
                'units' => ['run_id'],
                'public_tokens' => ['release_id'],
                'unit_ticks' => ['unit_id'],
                'exports' => ['user_id', 'updated_at'],
                'orders' => ['customer_id', 'user_id'],
                'order_lines' => ['order_id', 'kit_id'],
                'kit_ledger' => ['order_id', 'user_id'],
                'reports' => ['release_id', 'unit_id', 'customer_id'],
                'report_judgements' => ['report_id', 'kit_id', 'user_id'],
                'report_answers' => ['report_id', 'user_id'],
                'mails' => ['customer_id'],
                'imports' => ['user_id', 'revision_id', 'updated_at'],
            ] as $table => $columns
        ) {
            foreach ($columns as $column) {
                Schema::table($table, static fn(Blueprint $changed) => $changed->index($column));
            }
        }
        DB::statement('create index run_events_run on run_events (run_id, id)');
        DB::statement("create index run_events_lots on run_events (run_id) where action = 'lot'");
        DB::statement('create index customers_email on customers (lower(email))');
        DB::statement('create index cache_expiration on cache (expiration)');
        DB::statement('create index reports_newest on reports (created_at desc, id desc)');
        DB::statement('grant select on unit_states, order_states, report_states to chiralex_app');
        DB::statement('grant select, insert, update, delete on run_states, run_lines to chiralex_app');
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }

    private function units(): void
    {
        Schema::create('unit_states', function (Blueprint $table): void {
            $table->foreignId('unit_id')->primary()->constrained();
            $table->foreignId('kit_id')->constrained();
            $table->string('options', 200);
            $table->integer('sequence');
            $table->string('entry', 10);
            $table->foreignId('order_id')->nullable()->constrained();
            $table->timestampTz('at');
            $table->index(['kit_id', 'entry', 'options', 'unit_id']);
            $table->index('order_id');
        });
        Schema::create('order_states', function (Blueprint $table): void {
            $table->foreignId('order_id')->primary()->constrained();
            $table->date('placed_on');
            $table->integer('wanted')->default(0);
            $table->integer('allocated')->default(0);
            $table->integer('shipped')->default(0);
        });
        DB::statement(
            "alter table order_states add column stage text generated always as (case when shipped >= wanted then 'shipped' when allocated + shipped >= wanted then 'allocated' else 'open' end) stored",
        );
        DB::statement("create index order_states_turn on order_states ((stage = 'shipped'), placed_on, order_id)");
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
            insert into unit_states (unit_id, kit_id, options, sequence, entry, order_id, at)
                select new.unit_id, revisions.kit_id, runs.options, new.sequence, new.entry, new.order_id,
                    new.created_at
                from units join runs on runs.id = units.run_id join releases on releases.id = units.release_id
                join revisions on revisions.id = releases.revision_id where units.id = new.unit_id
            on conflict (unit_id) do update set sequence = excluded.sequence, entry = excluded.entry,
                order_id = excluded.order_id, at = excluded.at;
            return new; end \$\$");
        DB::statement(
            'create trigger kit_ledger_state after insert on kit_ledger for each row execute function keep_unit_state()',
        );
    }

    private function orders(): void
    {
        DB::statement("create or replace function keep_order_state() returns trigger language plpgsql security definer set search_path = public as \$\$ begin
            insert into order_states (order_id, placed_on, wanted)
                select new.order_id, orders.placed_on, new.quantity from orders where id = new.order_id
            on conflict (order_id) do update set wanted = order_states.wanted + excluded.wanted;
            return new; end \$\$");
        DB::statement(
            'create trigger order_lines_state after insert on order_lines for each row execute function keep_order_state()',
        );
        DB::statement(
            'insert into order_states (order_id, placed_on, wanted) select order_id, placed_on, sum(quantity)
                from order_lines join orders on orders.id = order_id group by order_id, placed_on',
        );
        DB::statement("insert into unit_states (unit_id, kit_id, options, sequence, entry, order_id, at)
            select last.unit_id, revisions.kit_id, runs.options, last.sequence, last.entry, last.order_id,
                last.created_at
            from (select distinct on (unit_id) * from kit_ledger order by unit_id, sequence desc) last
                join units on units.id = last.unit_id join runs on runs.id = units.run_id
                join releases on releases.id = units.release_id
                join revisions on revisions.id = releases.revision_id");
        DB::statement(
            "update order_states set allocated = counted.allocated, shipped = counted.shipped
                from (select order_id, count(*) filter (where entry = 'allocated') as allocated,
                count(*) filter (where entry = 'shipped') as shipped from unit_states where order_id is not null
                group by order_id) counted where counted.order_id = order_states.order_id",
        );
    }

    private function reports(): void
    {
        // Likeness is a mark for the maker, never a reason to drop a report: only the operation makes two of them one.
        DB::statement('alter table reports drop constraint reports_fingerprint_unique');
        DB::statement('alter table reports rename column fingerprint to likeness');
        DB::statement('create index reports_likeness on reports (likeness, id)');
        Schema::create('report_states', function (Blueprint $table): void {
            $table->foreignId('report_id')->primary()->constrained();
            $table->foreignId('kit_id')->nullable()->constrained();
            $table->boolean('judged')->default(false);
            $table->boolean('answered')->default(false);
            $table->string('symptom', 24)->nullable();
            $table->string('cause', 24)->nullable();
            $table->string('origin', 12)->nullable();
            $table->string('part', 40)->default('');
            $table->timestampTz('at');
            $table->index(['at', 'report_id']);
            $table->index('kit_id');
        });
        DB::statement(
            'create index report_states_open on report_states (at desc, report_id desc) where not (judged
                and answered)',
        );
        DB::statement('create index report_states_unjudged on report_states (kit_id) where not judged');
        DB::statement("create or replace function keep_report_state() returns trigger language plpgsql security definer set search_path = public as \$\$ begin
            insert into report_states (report_id, kit_id, at) select new.id, (select kit_id from releases
                join revisions on revisions.id = revision_id where releases.id = new.release_id), new.created_at;
            return new; end \$\$");
        DB::statement("create or replace function keep_report_judgement() returns trigger language plpgsql security definer set search_path = public as \$\$ begin
            update report_states set judged = true, kit_id = new.kit_id, symptom = new.symptom, cause = new.cause,
                origin = new.origin, part = new.part where report_id = new.report_id;
            return new; end \$\$");
        DB::statement("create or replace function keep_report_answer() returns trigger language plpgsql security definer set search_path = public as \$\$ begin
            update report_states set answered = true where report_id = new.report_id;
            return new; end \$\$");
        DB::statement(
            'create trigger reports_state after insert on reports for each row execute function keep_report_state()',
        );
        DB::statement(
            'create trigger report_judgements_state after insert on report_judgements for each row execute function keep_report_judgement()',
        );
        DB::statement(
            'create trigger report_answers_state after insert on report_answers for each row execute function keep_report_answer()',
        );
        DB::statement(
            'insert into report_states (report_id, kit_id, at) select reports.id, kit_id, reports.created_at
                from reports left join releases on releases.id = release_id left
                join revisions on revisions.id = revision_id',
        );
        DB::statement(
            'update report_states set judged = true, kit_id = last.kit_id, symptom = last.symptom,
                cause = last.cause, origin = last.origin, part = last.part from (select distinct on (report_id) *
                from report_judgements order by report_id, id desc) last
                where last.report_id = report_states.report_id',
        );
        DB::statement(
            'update report_states set answered = true where report_id in (select report_id from report_answers)',
        );
    }

    /** Filled by the application from the events, when a run is next touched. */
    private function runs(): void
    {
        Schema::create('run_states', function (Blueprint $table): void {
            $table->foreignId('run_id')->primary()->constrained();
            $table->bigInteger('last_event');
            $table->integer('filled');
            $table->integer('complete');
            $table->json('lots');
            $table->timestampTz('began')->nullable();
        });
        Schema::create('run_lines', function (Blueprint $table): void {
            $table->foreignId('run_id')->constrained();
            $table->integer('line');
            $table->string('cells', 500);
            $table->primary(['run_id', 'line']);
        });
    }
};
