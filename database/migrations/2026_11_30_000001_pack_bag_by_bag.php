<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * A run goes line by line or bag by bag. A bin that was lifted needs the check mass before the scale counts again: the newest row of
 * the book of checks decides. Where the shop's bins bear codes, each is read before its line. A single label is printed by
 * its name.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement("alter table runs add column way varchar(4) not null default 'line'");
        DB::statement("alter table runs add constraint runs_way check (way in ('line', 'bag'))");
        DB::statement('alter table scale_checks alter column shown drop not null');
        DB::statement(
            'alter table scale_checks add constraint scale_checks_shown check (is_right is false or shown is not null)',
        );
        DB::statement("alter table exports add column piece varchar(40) not null default ''");
        DB::statement('alter table shops add column reads_bins boolean not null default false');
    }

    public function down(): void
    {
        DB::statement('alter table shops drop column reads_bins');
        DB::statement('alter table exports drop column piece');
        DB::statement('delete from scale_checks where shown is null');
        DB::statement('alter table scale_checks drop constraint scale_checks_shown');
        DB::statement('alter table scale_checks alter column shown set not null');
        DB::statement('alter table runs drop column way');
    }
};
