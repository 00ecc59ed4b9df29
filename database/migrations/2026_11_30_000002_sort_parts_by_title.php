<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Stock opens with parts by title: a page of them is read from an index, not sorted out of all. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('create index known_parts_by_title on known_parts (lower(title), fingerprint)');
        DB::statement('create index stock_parts_by_title on stock_parts (lower(title), fingerprint)');
    }

    public function down(): void
    {
        DB::statement('drop index known_parts_by_title');
        DB::statement('drop index stock_parts_by_title');
    }
};
