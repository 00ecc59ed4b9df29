<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Each key of a packer says how many came before it: one that no longer follows is refused and not booked at another place. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('alter table run_states add column sequence integer not null default 0');
        DB::statement('update run_states set sequence = counted.n from (select run_id, count(*) as n from run_events
            group by run_id) counted where counted.run_id = run_states.run_id');
    }
};
