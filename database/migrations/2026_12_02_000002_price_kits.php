<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a maker says of the costs of a kit that no list tells: set-up, minutes, fees, shipping, support, tax, and how packs are cheaper. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('pricings', function (Blueprint $table): void {
            $table->foreignId('kit_id')->primary()->constrained();
            $table->jsonb('facts')->comment('decimal numbers by name; those that are absent are usual');
            $table->integer('version')->default(0);
            $table->timestampTz('updated_at');
        });
        DB::statement("alter table pricings add constraint pricings_facts check (jsonb_typeof(facts) = 'object')");
        DB::statement('grant select, insert, update on pricings to chiralex_app');
    }
};
