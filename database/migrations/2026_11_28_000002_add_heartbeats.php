<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** When each worker, and the last backup, was last seen at work. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('heartbeats', function (Blueprint $table): void {
            $table->string('name', 40)->primary();
            $table->timestampTz('at');
        });
        DB::statement('grant select, insert, update on heartbeats to chiralex_app');
    }
};
