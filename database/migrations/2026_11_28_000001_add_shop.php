<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The shop: one row, as one installation is one shop; the people that were invited, and those who left. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('shops', function (Blueprint $table): void {
            $table->smallInteger('id')->primary();
            $table->string('name', 80)->default('');
            $table->string('address', 400)->default('');
            $table->string('email', 190)->default('');
            $table->char('logo', 64)->nullable();
            $table->char('currency', 3)->default('EUR');
            $table->string('paper', 6)->default('A4');
            $table->string('language', 2)->default('en');
            $table->string('second_language', 2)->nullable();
            $table->decimal('wage', 8, 2)->default(18);
            $table->decimal('bag_cost', 8, 4)->default(0.06);
            $table->decimal('bag_minutes', 6, 2)->default(0.5);
            $table->decimal('strip_minutes', 6, 2)->default(0.2);
            $table->string('public_address', 200)->nullable();
            $table->integer('version')->default(0);
            $table->timestampsTz();
        });
        DB::statement('alter table shops add constraint shops_one check (id = 1)');
        DB::statement("alter table shops add constraint shops_paper check (paper in ('A4', 'Letter'))");
        DB::statement(
            'alter table shops add constraint shops_costs check (wage >= 0 and bag_cost >= 0
                and bag_minutes >= 0 and strip_minutes >= 0)',
        );
        DB::statement('insert into shops (id, created_at, updated_at) values (1, now(), now())');

        Schema::create('invitations', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('email', 190);
            $table->string('role', 20);
            $table->char('token_hash', 64)->unique();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestampTz('until');
            $table->timestampTz('used_at')->nullable();
            $table->timestampTz('withdrawn_at')->nullable();
            $table->timestampsTz();
        });
        DB::statement(
            "alter table invitations add constraint invitations_role check (role in ('maker', 'packer', 'support'))",
        );
        DB::statement('create index invitations_user on invitations (user_id)');
        Schema::table('users', static fn(Blueprint $table) => $table->timestampTz('left_at')->nullable());
        DB::statement('alter table audit add column address inet');
        DB::statement('grant select, update on shops to chiralex_app');
        DB::statement('grant select, insert, update on invitations to chiralex_app');
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }
};
