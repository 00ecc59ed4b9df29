<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A bad lot is stopped in one go: the lot and the kits that lie there are held, letters are drafted; all of it can be taken back. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement(
            "alter table unit_moves drop constraint unit_moves_entry, add constraint unit_moves_entry check
                (entry in ('packed', 'unpacked', 'opened', 'allocated', 'freed', 'held', 'shipped', 'returned',
                'scrapped'))",
        );
        Schema::create('lot_stops', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->foreignId('lot_id')->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('note', 200);
            $table->boolean('held_lot')->comment('it was not on hold before');
            $table->timestampTz('created_at');
            $table->timestampTz('taken_back_at')->nullable();
        });
        DB::statement('create unique index lot_stops_once on lot_stops (lot_id) where taken_back_at is null');
        Schema::create('lot_stop_units', function (Blueprint $table): void {
            $table->foreignId('lot_stop_id')->constrained();
            $table->foreignId('unit_id')->constrained();
            $table->primary(['lot_stop_id', 'unit_id']);
        });
        Schema::table('mails', function (Blueprint $table): void {
            $table->foreignId('lot_stop_id')->nullable()->index()->constrained();
        });
        DB::statement('grant select, insert, update on lot_stops to chiralex_app');
        DB::statement('grant select, insert on lot_stop_units to chiralex_app');
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }
};
