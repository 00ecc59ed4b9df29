<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Of several dropped tables, which may be the parts list, and which the maker chose. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('imports', function (Blueprint $table): void {
            $table->string('chosen_list', 190)->nullable();
            $table->jsonb('lists')->nullable();
        });
    }
};
