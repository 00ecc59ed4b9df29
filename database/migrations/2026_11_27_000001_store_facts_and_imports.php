<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Imports worked out before anything is kept; what lists show of a kit; putting kits aside and deleting them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('imports', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('status', 10)->default('queued');
            $table->integer('progress')->default(0);
            $table->jsonb('files');
            $table->integer('designator_column')->nullable();
            $table->text('fault')->nullable();
            $table->jsonb('headers')->nullable();
            $table->foreignId('revision_id')->nullable()->constrained()->nullOnDelete();
            $table->timestampsTz();
        });
        DB::statement(
            "alter table imports add constraint imports_status check (status in ('queued', 'running', 'done', 'failed', 'cancelled')), add constraint imports_progress check (progress between 0 and 100)",
        );

        // What lists show of a revision, computed apart from them; a revision that cannot be computed says why.
        Schema::create('revision_facts', function (Blueprint $table): void {
            $table->foreignId('revision_id')->primary()->constrained()->cascadeOnDelete();
            $table->integer('sequence');
            $table->string('code', 64);
            $table->json('shelf')->nullable();
            $table->json('options')->nullable();
            $table->char('picture', 64)->nullable();
            $table->text('fault')->nullable();
            $table->boolean('blocked')->default(false);
            $table->timestampTz('updated_at');
        });
        // The parts of the newest revision of each kit, and each part once with what rows of the Library show.
        Schema::create('kit_parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('revision_id')->constrained()->cascadeOnDelete();
            $table->foreignId('kit_id')->constrained()->cascadeOnDelete();
            $table->string('fingerprint', 190)->index();
            $table->jsonb('designators');
            $table->unique(['revision_id', 'fingerprint']);
            $table->index('kit_id');
        });
        Schema::create('known_parts', function (Blueprint $table): void {
            $table->string('fingerprint', 190)->primary();
            $table->string('title', 190);
            $table->string('kind_name', 60)->default('');
            $table->json('row');
            $table->index(['kind_name', 'title']);
        });
        DB::statement(
            "insert into known_parts (fingerprint, title, kind_name, row)
                select fingerprint, title, coalesce(facts ->> 'kind', ''), json_build_object('kind',
                coalesce(facts ->> 'kind', ''), 'kindName', coalesce(facts ->> 'kind', ''), 'height', null,
                'heightSource', '',
                'mark', null, 'sensitivity', '', 'marking', null) from library_parts",
        );
        Schema::table('kits', static fn(Blueprint $table) => $table->timestampTz('put_aside_at')->nullable());
        Schema::table('revisions', function (Blueprint $table): void {
            $table->timestampTz('put_aside_at')->nullable();
            $table->uuid('operation_id')->nullable()->unique();
        });
        Schema::table('derived_results', function (Blueprint $table): void {
            $table->char('files_hash', 64)->nullable()->index();
            $table->string('code', 64)->nullable();
        });
        DB::statement('truncate derived_results');

        foreach (['edits' => 'revision_id', 'original_files' => 'revision_id'] as $table => $column) {
            // Only the function below may delete rows of these, and only those of a revision that never left the workshop.
            DB::statement("create or replace function {$table}_is_append_only() returns trigger language plpgsql as \$\$ begin
                if tg_op = 'DELETE' and current_setting('chiralex.deleting', true) = old.{$column}::text then return old; end if;
                raise exception '{$table} is append-only'; end \$\$");
        }
        DB::statement("create or replace function delete_revision(wanted bigint) returns void language plpgsql security definer set search_path = public as \$\$ begin
            if exists (select 1 from releases where revision_id = wanted) then raise exception 'this revision is released and is never deleted'; end if;
            perform set_config('chiralex.deleting', wanted::text, true);
            delete from edits where revision_id = wanted;
            delete from original_files where revision_id = wanted;
            delete from revisions where id = wanted;
            perform set_config('chiralex.deleting', '', true);
            end \$\$");
        // A released revision does not change; whether it is put aside is no part of it.
        DB::statement("create or replace function released_is_frozen() returns trigger language plpgsql as \$\$ begin
            if exists (select 1 from releases where revision_id = old.id)
                and (tg_op = 'DELETE' or to_jsonb(new) - 'put_aside_at' <> to_jsonb(old) - 'put_aside_at') then raise exception 'this revision is released and does not change'; end if;
            return case when tg_op = 'DELETE' then old else new end; end \$\$");
        DB::statement('revoke all on function delete_revision(bigint) from public');
        DB::statement('grant execute on function delete_revision(bigint) to chiralex_app');
        DB::statement(
            'grant select, insert, update, delete on imports, revision_facts, kit_parts, known_parts to chiralex_app',
        );
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }
};
