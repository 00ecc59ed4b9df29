<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How long a step took, where the builder lets it be counted. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('unit_ticks', function (Blueprint $table): void {
            $table
                ->decimal('minutes', 6, 2)
                ->nullable()
                ->comment('from opening the step to its tick; null without consent');
        });
        DB::statement(
            'alter table unit_ticks add constraint unit_ticks_minutes check (minutes is null or (minutes >= 0 and minutes <= 600))',
        );
    }
};
