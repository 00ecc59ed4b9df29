<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('kits', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->timestampsTz();
        });

        Schema::create('revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained();
            $table->string('name', 20);
            $table->integer('sequence')->default(0);
            $table->jsonb('files');
            $table->timestampsTz();
            $table->unique(['kit_id', 'name']);
        });
        DB::statement('alter table revisions add constraint revisions_sequence check (sequence >= 0)');

        // The first files as they were dropped, never replaced.
        Schema::create('original_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('revision_id')->constrained();
            $table->string('name', 190);
            $table->char('sha256', 64);
            $table->bigInteger('bytes');
            $table->timestampTz('created_at')->useCurrent();
        });

        Schema::create('edits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('revision_id')->constrained();
            $table->integer('sequence');
            $table->foreignId('user_id')->constrained();
            $table->uuid('operation_id')->unique();
            $table->jsonb('change');
            $table->jsonb('inverse');
            $table->bigInteger('undoes')->nullable();
            $table->timestampTz('created_at')->useCurrent();
            $table->unique(['revision_id', 'sequence']);
        });

        Schema::create('audit', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('operation', 60);
            $table->jsonb('before')->nullable();
            $table->jsonb('after')->nullable();
            $table->timestampTz('created_at')->useCurrent();
        });

        // Answers to "what is it?", kept with the part and used in every kit.
        Schema::create('part_answers', function (Blueprint $table): void {
            $table->string('fingerprint', 190)->primary();
            $table->string('kind', 40);
            $table->timestampsTz();
        });

        // Can be dropped without loss: every row is computed again from files and core version.
        Schema::create('derived_results', function (Blueprint $table): void {
            $table->char('hash', 64)->primary();
            // Plain json keeps the order of fields, so that a kept document equals a computed one to the letter.
            $table->json('document');
            $table->timestampTz('created_at')->useCurrent();
        });

        foreach (['edits', 'audit', 'original_files'] as $table) {
            DB::statement("grant select, insert on {$table} to chiralex_app");
            DB::statement(
                "create or replace function {$table}_is_append_only() returns trigger language plpgsql as \$\$ begin raise exception '{$table} is append-only'; end \$\$",
            );
            DB::statement(
                "create trigger {$table}_append_only before update or delete on {$table} for each row execute function {$table}_is_append_only()",
            );
        }
        DB::statement(
            'grant select, insert, update, delete on kits, revisions, part_answers, derived_results to chiralex_app',
        );
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }
};
