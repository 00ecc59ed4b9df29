<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was done about a cause of reports, so that it can be watched; and which answers builders opened, and which helped them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('mendings', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->foreignId('kit_id')->constrained()->index();
            $table->string('cause', 24);
            $table->string('part', 40)->comment('the place of the cause; empty where it has none');
            $table->string('place', 10)->comment('callout, order, bag, board, manual or part');
            $table
                ->foreignId('revision_id')
                ->nullable()
                ->comment('kits of it and later ones are after it; null: kits shipped after the day')
                ->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestampTz('created_at');
            $table->timestampTz('taken_back_at')->nullable();
        });
        DB::statement(
            "alter table mendings add constraint mendings_place check (place in ('callout', 'order', 'bag', 'board', 'manual', 'part'))",
        );
        DB::statement(
            'create unique index mendings_once on mendings (kit_id, cause, part, place) where taken_back_at is null',
        );
        Schema::create('faq_uses', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('faq_entry_id')->constrained();
            $table->foreignId('unit_id')->constrained()->index();
            $table->string('entry', 6)->comment('shown or helped');
            $table->timestampTz('created_at');
            $table->unique(['faq_entry_id', 'unit_id', 'entry']);
        });
        DB::statement("alter table faq_uses add constraint faq_uses_entry check (entry in ('shown', 'helped'))");
        DB::statement('grant select, insert, update on mendings to chiralex_app');
        DB::statement('grant select, insert on faq_uses to chiralex_app');
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }
};
