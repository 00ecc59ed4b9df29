<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Letters come in from files and mailboxes and belong to reports; a report has several causes, each with its part and origin; an
 * entry of the FAQ is kept by its place too; mails have a state. One list of causes: what a diagnosis suspects and what a person judges.
 */
return new class extends Migration {
    private const CAUSES = [
        'reversed-part' => 'reversed',
        'swapped-look-alikes' => 'swapped',
        'solder-bridge' => 'bridge',
        'neighbouring-hole' => 'wrong-hole',
        'substituted-part' => 'wrong-part',
        'faulty-part' => 'faulty',
        'missing-from-bag' => 'missing',
        'part-was-there' => 'was-there',
        'design-weakness' => 'design',
        'manual-error' => 'document',
        'supply-or-battery' => 'supply',
        'meter-misread' => 'meter',
        'works-as-designed' => 'none',
        'not-known-yet' => 'unknown',
    ];
    private const APPEND_ONLY = ['letters', 'report_letters', 'report_files'];

    public function up(): void
    {
        $this->causes();
        $this->faq();
        $this->letters();
        $this->mails();
        $this->state();
        foreach (self::APPEND_ONLY as $table) {
            DB::statement("grant select, insert on {$table} to chiralex_app");
            DB::statement(
                "create or replace function {$table}_is_append_only() returns trigger language plpgsql as \$\$ begin raise exception '{$table} is append-only'; end \$\$",
            );
            DB::statement(
                "create trigger {$table}_append_only before update or delete on {$table} for each row execute function {$table}_is_append_only()",
            );
        }
        DB::statement('grant select, insert, update, delete on letter_raws, report_matters, intakes to chiralex_app');
        DB::statement('grant select, update on mail_settings to chiralex_app');
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }

    private function causes(): void
    {
        $new =
            'case cause ' .
            implode(
                ' ',
                array_map(
                    static fn(string $old, string $now): string => "when '{$old}' then '{$now}'",
                    array_keys(self::CAUSES),
                    self::CAUSES,
                ),
            ) .
            ' else cause end';
        DB::statement('alter table report_judgements disable trigger report_judgements_append_only');
        foreach (['report_judgements', 'report_states'] as $table) {
            DB::statement(
                "alter table {$table} add column causes jsonb not null default '[]', alter column symptom type varchar(120)",
            );
            DB::statement(
                "update {$table} set causes = jsonb_build_array(jsonb_build_object('cause', {$new}, 'part', part, 'origin', fault_origin)) where cause is not null",
            );
            DB::statement("alter table {$table} drop column cause, drop column fault_origin, drop column part");
            DB::statement(
                "alter table {$table} add constraint {$table}_causes check (jsonb_typeof(causes) = 'array' and jsonb_array_length(causes) <= 8)",
            );
        }
        DB::statement('alter table report_judgements enable trigger report_judgements_append_only');
        DB::statement("create or replace function keep_report_judgement() returns trigger language plpgsql security definer set search_path = public as \$\$ begin
            update report_states set judged = true, kit_id = new.kit_id, symptom = new.symptom, causes = new.causes
                where report_id = new.report_id;
            return new; end \$\$");
        DB::statement("update faq_entries set cause = {$new}");
    }

    private function faq(): void
    {
        DB::statement("alter table faq_entries drop constraint faq_entries_kit_id_symptom_cause_unique, alter column symptom type varchar(120),
            add column part varchar(40) not null default '', add column option varchar(80) not null default '',
            add column from_revision_id bigint references revisions (id), add column to_revision_id bigint references revisions (id)");
        // Where an old entry stood at a single part, that is its place.
        DB::statement(
            'update faq_entries set part = anchor ->> 0 where jsonb_array_length(anchor) = 1 and length(anchor ->> 0) <= 40',
        );
        DB::statement('alter table faq_entries add constraint faq_entries_place unique (kit_id, symptom, cause, part)');
    }

    private function letters(): void
    {
        Schema::create('letters', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->string('source', 8);
            $table->string('kind', 12);
            $table->string('message_id', 250)->default('');
            $table->string('subject', 250)->default('');
            $table->text('text')->comment('own words of the writer');
            $table->text('folded')->comment('what they quote, and their signature');
            $table->jsonb('flags')->comment('what is odd about it: list of {code, ...}');
            $table->foreignId('customer_id')->nullable()->index()->constrained();
            $table->foreignId('mail_id')->nullable()->comment('the mail of ours that came back')->constrained();
            $table->foreignId('user_id')->nullable()->index()->constrained();
            $table->timestampTz('written_at');
            $table->timestampTz('created_at');
            $table->index('mail_id');
        });
        DB::statement(
            "alter table letters add constraint letters_kind check (kind in ('letter', 'auto-reply', 'bounce', 'unreadable'))",
        );
        DB::statement("create index letters_message on letters (message_id) where message_id <> ''");
        DB::statement('create index letters_apart on letters (id desc) where kind <> \'letter\'');
        // A letter belongs to one report at most; a person may say so later, where the machine did not.
        Schema::create('report_letters', function (Blueprint $table): void {
            $table->foreignId('letter_id')->primary()->constrained();
            $table->foreignId('report_id')->index()->constrained();
            $table->boolean('follows')->comment('an answer in a thread, not the first');
            $table->foreignId('user_id')->nullable()->index()->constrained();
            $table->timestampTz('created_at');
        });
        // The bytes as they came hold names and addresses: they go when their writer is erased.
        Schema::create('letter_raws', function (Blueprint $table): void {
            $table->foreignId('letter_id')->primary()->constrained();
            $table->char('sha256', 64);
            $table->bigInteger('bytes');
        });
        Schema::create('report_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('report_id')->nullable()->index()->constrained();
            $table->foreignId('letter_id')->nullable()->index()->constrained();
            $table->string('name', 120);
            $table->boolean('is_photo');
            $table->char('sha256', 64);
            $table->bigInteger('bytes');
            $table->timestampTz('created_at');
        });
        DB::statement(
            "insert into report_files (report_id, name, is_photo, sha256, bytes, created_at) select id, 'photo', true, photo, 0, created_at from reports where photo is not null",
        );
        DB::statement(
            "alter table reports drop column photo, add column symptom varchar(120) not null default '', add column checks jsonb not null default '[]'",
        );
        Schema::create('intakes', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->foreignId('user_id')->nullable()->index()->constrained();
            $table->string('name', 190);
            $table->char('sha256', 64);
            $table->string('status', 10)->default('queued');
            $table->smallInteger('progress')->default(0);
            $table->jsonb('counts')->default('{}');
            $table->jsonb('problems')->default('[]');
            $table->string('fault', 500)->nullable();
            $table->timestampsTz();
        });
        DB::statement(
            "alter table intakes add constraint intakes_status check (status in ('queued', 'running', 'done', 'failed')), add constraint intakes_progress check (progress between 0 and 100)",
        );
        Schema::create('report_matters', function (Blueprint $table): void {
            $table->foreignId('report_id')->primary()->constrained();
            $table->foreignId('matter_id')->constrained('reports');
            $table->string('place', 40)->default('')->comment('the only part that its words name');
            $table->index('matter_id');
        });
    }

    private function mails(): void
    {
        DB::statement("alter table mails add column report_id bigint references reports (id), add column message_id varchar(250) not null default '',
            add column status varchar(12) not null default 'kept', add column fault varchar(300) not null default '', add column in_reply_to varchar(250) not null default '',
            add column due_at timestamptz, add column picture char(64)");
        DB::statement(
            "alter table mails add constraint mails_status check (status in ('waiting', 'taken-back', 'kept', 'draft', 'sent', 'failed', 'bounced'))",
        );
        DB::statement('create index mails_report on mails (report_id)');
        DB::statement("create index mails_message on mails (message_id) where message_id <> ''");
        DB::statement("create index mails_due on mails (due_at) where status = 'waiting'");
        Schema::create('mail_settings', function (Blueprint $table): void {
            $table->id();
            $table->string('way', 10)->default('simulated');
            foreach (['smtp', 'imap'] as $side) {
                $table->string("{$side}_host", 190)->default('');
                $table->integer("{$side}_port")->default($side === 'smtp' ? 587 : 993);
                $table->string("{$side}_security", 10)->default($side === 'smtp' ? 'starttls' : 'tls');
                $table->string("{$side}_user", 190)->default('');
                $table
                    ->text("{$side}_password")
                    ->nullable()
                    ->comment('encrypted');
            }
            $table->string('imap_folder', 120)->default('INBOX');
            $table->bigInteger('seen_validity')->default(0);
            $table->bigInteger('seen_uid')->default(0);
            $table->timestampTz('fetched_at')->nullable();
            $table->string('fault', 300)->default('');
            $table->integer('version')->default(0);
        });
        DB::statement(
            "alter table mail_settings add constraint mail_settings_one check (id = 1), add constraint mail_settings_way check (way in ('simulated', 'draft', 'real'))",
        );
        DB::table('mail_settings')->insert(['id' => 1]);
    }

    /** Unsent, taken back, come back, or written again: such a report is not answered. */
    private function state(): void
    {
        DB::statement("create or replace function keep_mail_state() returns trigger language plpgsql security definer set search_path = public as \$\$ begin
            if new.report_id is not null then
                update report_states set answered = (new.status in ('waiting', 'kept', 'sent'))
                    where report_id = new.report_id;
            end if;
            return new; end \$\$");
        DB::statement(
            'create trigger mails_state after insert or update of status on mails for each row execute function keep_mail_state()',
        );
        DB::statement("create or replace function keep_letter_state() returns trigger language plpgsql security definer set search_path = public as \$\$ begin
            if new.follows then
                update report_states
                    set answered = false, at = greatest(at, (select written_at from letters where id = new.letter_id))
                    where report_id = new.report_id;
            end if;
            return new; end \$\$");
        DB::statement(
            'create trigger report_letters_state after insert on report_letters for each row execute function keep_letter_state()',
        );
    }
};
