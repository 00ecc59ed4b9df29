<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What a released revision was, word for word; triggers refuse any change.
        Schema::create('releases', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('revision_id')->unique()->constrained();
            $table->uuid('operation_id')->unique();
            $table->string('code', 6);
            $table->jsonb('files');
            $table->string('core', 64);
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestampTz('created_at');
        });
        Schema::create('release_documents', function (Blueprint $table): void {
            $table->foreignId('release_id')->constrained();
            $table->string('name', 40);
            $table->json('document');
            $table->primary(['release_id', 'name']);
        });
        // One kit as packed: its serial number for people, its token for the page.
        Schema::create('runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('release_id')->constrained();
            $table->uuid('operation_id')->unique();
            $table->integer('packs');
            $table->integer('pack_size');
            $table->json('lines');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestampTz('created_at');
        });
        DB::statement(
            'alter table runs add constraint runs_packs check (packs between 1 and 500), add constraint runs_pack_size check (pack_size in (1, 5, 10, 20))',
        );
        Schema::create('run_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('run_id')->constrained();
            $table->uuid('operation_id')->unique();
            $table->string('action', 8);
            $table->integer('line');
            $table->integer('pack');
            $table->string('lot', 40)->default('');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestampTz('created_at');
        });
        DB::statement(
            "alter table run_events add constraint run_events_action check (action in ('in', 'short', 'undo', 'lot'))",
        );
        Schema::create('units', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('release_id')->constrained();
            $table->foreignId('run_id')->constrained();
            $table->integer('pack');
            $table->integer('number');
            $table->string('serial', 24)->unique();
            $table->timestampTz('created_at');
            $table->unique(['release_id', 'number']);
        });
        Schema::create('public_tokens', function (Blueprint $table): void {
            $table->char('token', 32)->primary();
            $table->foreignId('release_id')->constrained();
            $table->foreignId('unit_id')->nullable()->unique()->constrained();
            $table->timestampTz('created_at');
            $table->timestampTz('revoked_at')->nullable();
        });
        DB::statement("alter table public_tokens add constraint public_tokens_shape check (token ~ '^[0-9a-f]{32}$')");
        DB::statement(
            'create unique index public_tokens_release on public_tokens (release_id) where unit_id is null
                and revoked_at is null',
        );
        Schema::create('unit_ticks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('unit_id')->constrained();
            $table->uuid('operation_id')->unique();
            $table->string('step', 400);
            $table->boolean('done');
            $table->timestampTz('created_at');
        });
        // Files made in the background: manuals, labels, slips.
        Schema::create('exports', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->string('kind', 24);
            $table->bigInteger('subject');
            $table->string('paper', 6);
            $table->string('status', 10);
            $table->integer('progress')->default(0);
            $table->char('sha256', 64)->nullable();
            $table->string('name', 120)->default('');
            $table->text('fault')->nullable();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestampsTz();
        });
        DB::statement(
            "alter table exports add constraint exports_status check (status in ('queued', 'running', 'done', 'failed', 'cancelled')), add constraint exports_progress check (progress between 0 and 100)",
        );
        DB::statement("create or replace function released_is_frozen() returns trigger language plpgsql as \$\$ begin
            if exists (select 1 from releases where revision_id = old.id) then raise exception 'this revision is released and does not change'; end if;
            return case when tg_op = 'DELETE' then old else new end; end \$\$");
        DB::statement(
            'create trigger revisions_frozen before update or delete on revisions for each row execute function released_is_frozen()',
        );
        DB::statement("create or replace function edit_of_released() returns trigger language plpgsql as \$\$ begin
            if exists (select 1 from releases where revision_id = new.revision_id) then raise exception 'this revision is released and does not change'; end if; return new; end \$\$");
        DB::statement(
            'create trigger edits_frozen before insert on edits for each row execute function edit_of_released()',
        );
        foreach (['releases', 'release_documents', 'runs', 'run_events', 'units', 'unit_ticks'] as $table) {
            DB::statement("grant select, insert on {$table} to chiralex_app");
            DB::statement(
                "create or replace function {$table}_is_append_only() returns trigger language plpgsql as \$\$ begin raise exception '{$table} is append-only'; end \$\$",
            );
            DB::statement(
                "create trigger {$table}_append_only before update or delete on {$table} for each row execute function {$table}_is_append_only()",
            );
        }
        DB::statement('grant select, insert, update on public_tokens, exports to chiralex_app');
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }
};
