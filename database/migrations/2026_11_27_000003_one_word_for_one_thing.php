<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Names as docs/glossary.md has them: whose doing a fault is, and the book of packed kits. No row changes. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('alter table report_judgements rename column origin to fault_origin');
        DB::statement('alter table report_states rename column origin to fault_origin');
        DB::statement("create or replace function keep_report_judgement() returns trigger language plpgsql security definer set search_path = public as \$\$ begin
            update report_states set judged = true, kit_id = new.kit_id, symptom = new.symptom, cause = new.cause,
                fault_origin = new.fault_origin, part = new.part where report_id = new.report_id;
            return new; end \$\$");
        DB::statement('alter table kit_ledger rename to unit_moves');
        DB::statement(
            "create or replace function unit_moves_is_append_only() returns trigger language plpgsql as \$\$ begin raise exception 'unit_moves is append-only'; end \$\$",
        );
        DB::statement('drop trigger kit_ledger_append_only on unit_moves');
        DB::statement(
            'create trigger unit_moves_append_only before update or delete on unit_moves for each row execute function unit_moves_is_append_only()',
        );
        DB::statement('drop function kit_ledger_is_append_only()');
    }
};
