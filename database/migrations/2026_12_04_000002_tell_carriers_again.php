<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A parcel that was put back and set aside anew is told to the carrier anew. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('grant update on carrier_files to chiralex_app');
    }
};
