<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What the maker said of files: what one of a name is, which side a word means, what the columns of a placement file hold. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('file_answers', function (Blueprint $table): void {
            $table->string('kind', 20);
            $table->string('source', 190);
            $table->jsonb('answer');
            $table->timestampsTz();
            $table->primary(['kind', 'source']);
        });
        DB::statement(
            "alter table file_answers add constraint known_kind check (kind in ('role', 'side', 'places'))",
        );
        DB::statement('grant select, insert, update, delete on file_answers to chiralex_app');
    }
};
