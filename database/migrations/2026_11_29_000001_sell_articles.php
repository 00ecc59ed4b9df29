<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the shop sells: kits, class packs, and goods made of parts in stock (a board or a case alone, a spare part, a parcel). Each is
 * an article with a price and a stock of its own. Kits are followed by serial number, goods are counted.
 */
return new class extends Migration {
    public function up(): void
    {
        $this->articles();
        $this->lines();
        $this->goods();
        $this->views();
        foreach (['article_moves', 'article_parts'] as $table) {
            DB::statement("grant select, insert on {$table} to chiralex_app");
            DB::statement(
                "create or replace function {$table}_is_append_only() returns trigger language plpgsql as \$\$ begin raise exception '{$table} is append-only'; end \$\$",
            );
            DB::statement(
                "create trigger {$table}_append_only before update or delete on {$table} for each row execute function {$table}_is_append_only()",
            );
        }
        DB::statement('grant select, insert, update on articles to chiralex_app');
        DB::statement('grant select on article_states, article_orders to chiralex_app');
        DB::statement('grant usage, select on all sequences in schema public to chiralex_app');
    }

    private function articles(): void
    {
        // How the kits of a class pack are dealt: each pupil's bags by themselves, or every part kind in one bag for the class.
        DB::statement("alter table runs add column dealing varchar(5) not null default ''");
        DB::statement('alter table runs disable trigger user');
        DB::statement("update runs set dealing = 'kind' where pack_size > 1");
        DB::statement('alter table runs enable trigger user');
        DB::statement(
            "alter table runs add constraint runs_dealing check ((pack_size = 1 and dealing = '')
                or (pack_size > 1 and dealing in ('kind', 'pupil')))",
        );
        Schema::create('articles', function (Blueprint $table): void {
            $table->id();
            $table->uuid('operation_id')->nullable()->unique();
            $table->string('form', 8);
            $table->foreignId('kit_id')->nullable()->constrained();
            $table->string('options', 200)->default('');
            $table->smallInteger('pack_size')->default(1);
            $table->string('dealing', 5)->default('');
            $table->string('name', 120)->nullable();
            $table->bigInteger('unit_price')->nullable()->comment('minor units');
            $table->char('currency', 3)->nullable();
            $table->integer('version')->default(0);
            $table->timestampTz('retired_at')->nullable();
            $table->timestampTz('created_at')->useCurrent();
        });
        DB::statement(
            "alter table articles add constraint articles_form check (form in ('kit', 'class', 'board', 'case', 'spare', 'parcel')),
                add constraint articles_names check ((form in ('kit', 'class')) = (name is null)),
                add constraint articles_kits check (form not in ('kit', 'class') or kit_id is not null),
                add constraint articles_packs check (case when form = 'class' then pack_size in (5, 10, 20)
                    and dealing in ('kind', 'pupil') else pack_size = 1 and dealing = '' end),
                add constraint articles_price check ((unit_price is null) = (currency is null) and coalesce(unit_price, 0) >= 0)",
        );
        DB::statement(
            "create unique index articles_packed on articles (kit_id, options, pack_size, dealing) where form in ('kit', 'class')",
        );
        DB::statement('create unique index articles_name on articles (lower(name)) where name is not null');
        DB::statement("insert into articles (form, kit_id, options, pack_size, dealing)
            select distinct case when pack_size = 1 then 'kit' else 'class' end, kit_id, options, pack_size,
                case when pack_size = 1 then '' else 'kind' end
            from (select kit_id, options, pack_size from order_lines
                union select revisions.kit_id, runs.options, size from runs
                    join releases on releases.id = runs.release_id join revisions on revisions.id = releases.revision_id
                    cross join lateral (values (1), (runs.pack_size)) sizes (size)) used");
    }

    private function lines(): void
    {
        DB::statement('alter table order_lines add column article_id bigint references articles (id)');
        DB::statement('alter table order_lines disable trigger user');
        DB::statement('update order_lines set article_id = articles.id from articles
            where articles.kit_id = order_lines.kit_id and articles.options = order_lines.options
                and articles.pack_size = order_lines.pack_size and articles.name is null');
        DB::statement('alter table order_lines enable trigger user');
        DB::statement('drop view articles_on_hand');
        DB::statement('alter table order_lines alter column article_id set not null, drop column kit_id,
            drop column options, drop column pack_size');
        DB::statement('create index order_lines_article_id_index on order_lines (article_id)');
        DB::statement('create index if not exists order_lines_order_id_index on order_lines (order_id)');
        DB::statement("create or replace function keep_order_state() returns trigger language plpgsql security definer set search_path = public as \$\$ begin
            insert into order_states (order_id, placed_on, wanted)
                select new.order_id, orders.placed_on, new.quantity * articles.pack_size
                from orders, articles where orders.id = new.order_id and articles.id = new.article_id
            on conflict (order_id) do update set wanted = order_states.wanted + excluded.wanted;
            return new; end \$\$");
    }

    private function goods(): void
    {
        Schema::create('article_parts', function (Blueprint $table): void {
            $table->foreignId('article_id')->constrained();
            $table->foreignId('stock_part_id')->constrained();
            $table->decimal('quantity', 14, 3);
            $table->primary(['article_id', 'stock_part_id']);
            $table->index('stock_part_id');
        });
        DB::statement('alter table article_parts add constraint article_parts_quantity check (quantity > 0)');
        Schema::create('article_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('article_id')->constrained();
            $table->index('article_id');
            $table->uuid('operation_id');
            $table->string('entry', 10);
            $table->integer('quantity');
            $table->foreignId('order_id')->nullable()->constrained();
            $table->index('order_id');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->index('user_id');
            $table->string('note', 200)->default('');
            $table->timestampTz('created_at');
            $table->unique(['operation_id', 'article_id']);
        });
        DB::statement(
            "alter table article_moves add constraint article_moves_entry check (entry in ('made', 'unmade', 'allocated',
                'freed', 'shipped', 'returned', 'scrapped')),
                add constraint article_moves_quantity check (quantity > 0),
                add constraint article_moves_order check
                    ((entry in ('allocated', 'freed', 'shipped', 'returned')) = (order_id is not null))",
        );
        Schema::create('article_states', function (Blueprint $table): void {
            $table->foreignId('article_id')->primary()->constrained();
            $table->integer('on_hand')->default(0);
        });
        DB::statement('alter table article_states add constraint article_states_on_hand check (on_hand >= 0)');
        Schema::create('article_orders', function (Blueprint $table): void {
            $table->foreignId('order_id')->constrained();
            $table->foreignId('article_id')->constrained();
            $table->integer('allocated')->default(0);
            $table->integer('shipped')->default(0);
            $table->primary(['order_id', 'article_id']);
            $table->index('article_id');
        });
        DB::statement(
            'alter table article_orders add constraint article_orders_counts check (allocated >= 0 and shipped >= 0)',
        );
        DB::statement("create or replace function keep_article_state() returns trigger language plpgsql security definer
            set search_path = public as \$\$
            declare
                hand int := case new.entry when 'made' then new.quantity when 'freed' then new.quantity
                    when 'returned' then new.quantity when 'shipped' then 0 else -new.quantity end;
                aside int := case new.entry when 'allocated' then new.quantity when 'freed' then -new.quantity
                    when 'shipped' then -new.quantity else 0 end;
                gone int := case new.entry when 'shipped' then new.quantity when 'returned' then -new.quantity
                    else 0 end;
            begin
            insert into article_states (article_id) values (new.article_id) on conflict (article_id) do nothing;
            update article_states set on_hand = on_hand + hand where article_id = new.article_id;
            if new.order_id is not null then
                insert into article_orders (order_id, article_id) values (new.order_id, new.article_id)
                    on conflict (order_id, article_id) do nothing;
                update article_orders set allocated = allocated + aside, shipped = shipped + gone
                    where order_id = new.order_id and article_id = new.article_id;
                update order_states set allocated = allocated + aside, shipped = shipped + gone
                    where order_id = new.order_id;
            end if;
            return new; end \$\$");
        DB::statement(
            'create trigger article_moves_state after insert on article_moves for each row execute function keep_article_state()',
        );
        // Parts go into goods as they go into bags; the book says which goods.
        DB::statement('alter table lot_moves add column article_move_id bigint references article_moves (id)');
        DB::statement(
            'create index lot_moves_article_move_id_index on lot_moves (article_move_id) where article_move_id is not null',
        );
        DB::statement(
            "alter table lot_moves drop constraint lot_moves_cell, add constraint lot_moves_cell check
                ((entry in ('packed', 'unpacked')) = ((run_id is not null and line is not null and pack is not null)
                or article_move_id is not null))",
        );
    }

    private function views(): void
    {
        DB::statement('drop view packs_on_hand');
        DB::statement("create view packs_on_hand as
            select unit_states.kit_id, unit_states.options, runs.pack_size, runs.dealing, runs.id as run_id,
                case when runs.dealing = 'pupil' then units.pack / runs.pack_size else units.pack end as pack
                from unit_states join units on units.id = unit_states.unit_id join runs on runs.id = units.run_id
                where unit_states.sealed and unit_states.entry in ('packed', 'freed', 'opened')
                group by 1, 2, 3, 4, 5, 6 having count(*) = runs.pack_size");
        // What each packed kit is sold as: by itself, or in the class pack that nobody has opened.
        DB::statement("create view unit_articles as
            select unit_states.unit_id, unit_states.entry, unit_states.order_id, articles.id as article_id
                from unit_states join units on units.id = unit_states.unit_id join runs on runs.id = units.run_id
                join articles on articles.name is null and articles.kit_id = unit_states.kit_id
                    and articles.options = unit_states.options
                    and articles.pack_size = case when unit_states.sealed then runs.pack_size else 1 end
                    and articles.dealing = case when unit_states.sealed then runs.dealing else '' end");
        DB::statement("create view articles_on_hand as
            select articles.id as article_id, hand.n from articles join (
                    select kit_id, options, 1 as pack_size, '' as dealing, count(*) as n from unit_states
                        where not sealed and entry in ('packed', 'freed', 'opened') group by kit_id, options
                    union all select kit_id, options, pack_size, dealing, count(*) from packs_on_hand
                        group by kit_id, options, pack_size, dealing) hand
                on articles.name is null and articles.kit_id = hand.kit_id and articles.options = hand.options
                    and articles.pack_size = hand.pack_size and articles.dealing = hand.dealing
            union all select article_id, on_hand from article_states");
        DB::statement('grant select on packs_on_hand, unit_articles, articles_on_hand to chiralex_app');
    }
};
