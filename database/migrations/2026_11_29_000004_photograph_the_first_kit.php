<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The first packed kit of a run as it lay on the bench: what all others are compared with. A new one stands beside the old. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('run_photos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('run_id')->constrained();
            $table->index('run_id');
            $table->char('photo', 64);
            $table->index('photo');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->index('user_id');
            $table->timestampTz('created_at');
        });
        DB::statement('grant select, insert on run_photos to chiralex_app');
        DB::statement(
            "create or replace function run_photos_is_append_only() returns trigger language plpgsql as \$\$ begin raise exception 'run_photos is append-only'; end \$\$",
        );
        DB::statement(
            'create trigger run_photos_append_only before update or delete on run_photos for each row execute function run_photos_is_append_only()',
        );
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }
};
