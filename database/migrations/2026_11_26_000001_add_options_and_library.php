<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What a customer chose, as `box=drilled;power=jack`; empty is the default of every option.
        foreach (['runs', 'order_lines', 'exports'] as $table) {
            Schema::table($table, static fn(Blueprint $columns) => $columns->string('options', 200)->default(''));
        }
        Schema::table('release_documents', static fn(Blueprint $columns) => $columns->string('name', 250)->change());

        // Which column holds what, kept for the next file with the same headers.
        Schema::create('column_answers', function (Blueprint $table): void {
            $table->char('source', 64)->primary();
            $table->jsonb('columns');
            $table->timestampsTz();
        });

        // The maker's own knowledge of parts, across kits. What a kit took over stays in that kit's files.
        Schema::create('library_parts', function (Blueprint $table): void {
            $table->id();
            $table->string('fingerprint', 190)->unique();
            $table->string('number', 40)->nullable()->unique();
            $table->string('title', 190);
            $table->jsonb('facts');
            $table->jsonb('origins');
            $table->text('note')->default('');
            $table->char('photo', 64)->nullable();
            $table->integer('version')->default(0);
            $table->timestampsTz();
        });
        DB::statement("insert into library_parts (fingerprint, title, facts, origins, created_at, updated_at)
            select fingerprint, trim(both ' ' from replace(fingerprint, '|', ' ')), jsonb_build_object('kind',
                kind), jsonb_build_object('kind', 'answered'), created_at, updated_at from part_answers");
        Schema::drop('part_answers');
        DB::statement('grant select, insert, update, delete on column_answers, library_parts to chiralex_app');
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }
};
