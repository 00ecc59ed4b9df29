<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which part's callout goes with an answer; it is drawn before the mail leaves. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('mails', function (Blueprint $table): void {
            $table->string('callout', 40)->default('')->comment('designator; empty where no picture goes with it');
        });
    }
};
