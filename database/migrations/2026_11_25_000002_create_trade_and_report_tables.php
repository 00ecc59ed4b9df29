<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Personal data stand apart, so that erasing them never touches history.
        Schema::create('customers', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('email', 190)->nullable();
            $table->text('address')->nullable();
            $table->timestampTz('erased_at')->nullable();
            $table->timestampsTz();
        });
        Schema::create('orders', function (Blueprint $table): void {
            $table->id();
            $table->string('number', 40)->unique();
            $table->uuid('operation_id')->nullable()->unique();
            $table->foreignId('customer_id')->constrained();
            $table->date('placed_on');
            $table->string('source', 8);
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestampTz('created_at');
        });
        Schema::create('order_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained();
            $table->foreignId('kit_id')->constrained();
            $table->integer('quantity');
            $table->bigInteger('unit_price')->comment('minor units');
            $table->char('currency', 3);
        });
        DB::statement(
            'alter table order_lines add constraint order_lines_quantity check (quantity between 1 and 1000), add constraint order_lines_price check (unit_price >= 0)',
        );
        // One row for everything that happens to a packed kit; its place in the shop is its last row.
        Schema::create('kit_ledger', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('unit_id')->constrained();
            $table->integer('sequence');
            $table->uuid('operation_id');
            $table->string('entry', 10);
            $table->foreignId('order_id')->nullable()->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('note', 200)->default('');
            $table->timestampTz('created_at');
            $table->unique(['unit_id', 'sequence']);
            $table->unique(['operation_id', 'unit_id']);
        });
        DB::statement(
            "alter table kit_ledger add constraint kit_ledger_entry check (entry in ('packed', 'unpacked', 'allocated', 'freed', 'shipped', 'returned', 'scrapped')), add constraint kit_ledger_order check ((entry in ('allocated', 'shipped')) = (order_id is not null))",
        );
        Schema::create('reports', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->char('fingerprint', 64)->unique();
            $table->foreignId('release_id')->nullable()->constrained();
            $table->foreignId('unit_id')->nullable()->constrained();
            $table->string('serial', 60)->default('');
            $table->string('step', 400)->default('');
            $table->integer('step_number')->nullable();
            $table->text('text');
            $table->char('photo', 64)->nullable();
            $table->foreignId('customer_id')->nullable()->constrained();
            $table->string('source', 8);
            $table->timestampTz('created_at');
        });
        // What support makes of a report; the last row counts.
        Schema::create('report_judgements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('report_id')->constrained();
            $table->uuid('operation_id')->unique();
            $table->foreignId('kit_id')->constrained();
            $table->string('symptom', 24);
            $table->string('cause', 24);
            $table->string('origin', 12);
            $table->string('part', 40)->default('');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestampTz('created_at');
        });
        Schema::create('report_answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('report_id')->constrained();
            $table->uuid('operation_id')->unique();
            $table->text('text');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestampTz('created_at');
        });
        Schema::create('faq_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained();
            $table->string('symptom', 24);
            $table->string('cause', 24);
            $table->string('question', 300);
            $table->text('answer');
            $table->jsonb('anchor');
            $table->boolean('published');
            $table->timestampsTz();
            $table->unique(['kit_id', 'symptom', 'cause']);
        });
        // The simulated mail sink: what would have been sent.
        Schema::create('mails', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('customer_id')->constrained();
            $table->string('subject', 200);
            $table->text('body');
            $table->timestampTz('created_at');
        });
        foreach (['orders', 'order_lines', 'kit_ledger', 'reports', 'report_judgements', 'report_answers'] as $table) {
            DB::statement("grant select, insert on {$table} to chiralex_app");
            DB::statement(
                "create or replace function {$table}_is_append_only() returns trigger language plpgsql as \$\$ begin raise exception '{$table} is append-only'; end \$\$",
            );
            DB::statement(
                "create trigger {$table}_append_only before update or delete on {$table} for each row execute function {$table}_is_append_only()",
            );
        }
        DB::statement('grant select, insert, update, delete on customers, faq_entries, mails to chiralex_app');
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }
};
