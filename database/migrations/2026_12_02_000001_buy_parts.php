<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Who sells parts, what they ask, what their money is worth, and what was ordered: offers, rates, orders and their receipts are books that
 * only grow, the newest offer of a supplier for a part counts.
 */
return new class extends Migration {
    private const APPEND_ONLY = ['offers', 'rates', 'purchase_lines', 'purchase_receipts'];

    public function up(): void
    {
        Schema::create('suppliers', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->char('currency', 3);
            $table->bigInteger('shipping')->default(0)->comment('minor units of their currency, of one order');
            $table->bigInteger('free_from')->nullable()->comment('goods from which nothing is paid for shipping');
            $table->bigInteger('least_order')->nullable()->comment('goods below which nothing is sold');
            $table->integer('lead_days')->nullable()->comment('until it arrives; nobody knows where it is null');
            $table->integer('version')->default(0);
            $table->timestampsTz();
        });
        DB::statement('create unique index suppliers_name on suppliers (lower(name))');
        DB::statement("alter table suppliers add constraint suppliers_terms check (currency ~ '^[A-Z]{3}\$' and
            shipping >= 0 and coalesce(free_from, 0) >= 0 and coalesce(least_order, 0) >= 0 and coalesce(lead_days, 0) between 0 and 9999)");
        Schema::create('offers', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->index();
            $table->foreignId('supplier_id')->constrained();
            $table->string('fingerprint', 190);
            $table->jsonb('breaks')->comment('list of {from, price}: price of a piece from so many pieces');
            $table->integer('minimum')->default(1);
            $table->integer('multiple')->default(1);
            $table->integer('available')->nullable();
            $table->date('given_on');
            $table->foreignId('user_id')->nullable()->index()->constrained();
            $table->timestampTz('created_at');
            $table->index(['fingerprint', 'supplier_id', 'id']);
            $table->index('supplier_id');
        });
        DB::statement("alter table offers add constraint offers_terms check (minimum > 0 and multiple > 0 and
            coalesce(available, 0) >= 0 and jsonb_typeof(breaks) = 'array' and jsonb_array_length(breaks) between 0 and 50)");
        Schema::create('rates', function (Blueprint $table): void {
            $table->id();
            $table->char('currency', 3);
            $table->decimal('rate', 14, 8)->comment('what one of it is worth in the currency of the shop');
            $table->foreignId('user_id')->nullable()->index()->constrained();
            $table->timestampTz('created_at');
            $table->index(['currency', 'id']);
        });
        DB::statement('alter table rates add constraint rates_worth check (rate > 0)');
        Schema::create('purchases', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->jsonb('origins')->comment('what it was ordered for, in words');
            $table->char('currency', 3);
            $table->bigInteger('total')->comment('minor units of the shop');
            $table->foreignId('user_id')->nullable()->index()->constrained();
            $table->timestampTz('created_at');
            $table->timestampTz('cancelled_at')->nullable();
        });
        Schema::create('purchase_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('purchase_id')->index()->constrained();
            $table->foreignId('supplier_id')->index()->constrained();
            $table->string('fingerprint', 190)->index();
            $table->string('title', 190);
            $table->integer('pieces');
            $table->decimal('unit_price', 17, 10);
            $table->bigInteger('cost')->comment('minor units of the supplier');
            $table->decimal('rate', 14, 8);
        });
        DB::statement(
            'alter table purchase_lines add constraint purchase_lines_pieces check (pieces > 0 and cost >= 0)',
        );
        Schema::create('purchase_receipts', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->unique();
            $table->foreignId('purchase_line_id')->index()->constrained();
            $table->foreignId('lot_id')->nullable()->index()->comment('none where nothing came')->constrained();
            $table->decimal('quantity', 14, 3);
            $table->boolean('is_last')->default(false)->comment('nothing more of the line will come');
            $table->foreignId('user_id')->nullable()->index()->constrained();
            $table->timestampTz('created_at');
        });
        // Nothing of a line will come: that closes it, and makes no lot.
        DB::statement('alter table purchase_receipts add constraint purchase_receipts_lot check
            (case when quantity > 0 then lot_id is not null else quantity = 0 and lot_id is null and is_last end)');
        foreach (self::APPEND_ONLY as $table) {
            DB::statement("grant select, insert on {$table} to chiralex_app");
            DB::statement(
                "create or replace function {$table}_is_append_only() returns trigger language plpgsql as \$\$ begin raise exception '{$table} is append-only'; end \$\$",
            );
            DB::statement(
                "create trigger {$table}_append_only before update or delete on {$table} for each row execute function {$table}_is_append_only()",
            );
        }
        DB::statement('grant select, insert, update on suppliers, purchases to chiralex_app');
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }
};
