<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The scale of the packing bench: how fine it is, how it writes its lines, and the mass that it is checked with. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->decimal('scale_division', 8, 4)->default(0.01);
            $table->decimal('scale_repeatability', 8, 4)->default(0.005);
            $table->string('scale_unit', 4)->default('g');
            $table->string('scale_stable', 40)->nullable();
            $table->decimal('check_mass', 8, 3)->default(50);
        });
        DB::statement(
            'alter table shops add constraint shops_scale check (scale_division > 0 and scale_repeatability > 0 and check_mass > 0)',
        );
        Schema::create('scale_checks', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->foreignId('run_id')->constrained();
            $table->index('run_id');
            $table->decimal('mass', 8, 3);
            $table->decimal('shown', 10, 4);
            $table->boolean('is_right');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->index('user_id');
            $table->timestampTz('created_at');
        });
        DB::statement('grant select, insert on scale_checks to chiralex_app');
        DB::statement(
            "create or replace function scale_checks_is_append_only() returns trigger language plpgsql as \$\$ begin raise exception 'scale_checks is append-only'; end \$\$",
        );
        DB::statement(
            'create trigger scale_checks_append_only before update or delete on scale_checks for each row execute function scale_checks_is_append_only()',
        );
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }
};
