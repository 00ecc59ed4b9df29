<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Packing\RunState;
use App\Models\Run;
use Chiralex\Trade\Serial;
use Illuminate\Database\Connection;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/**
 * A shop after years, for bin/bench --full: 200 kits, 20,000 serials, 50,000 reports, 5,000 orders, 680,000 packing events. The demo
 * is multiplied by the database itself; nobody reads it.
 */
final class FullShopSeeder extends Seeder
{
    private const KITS = 200;
    private const RUNS = 40;
    private const PACKS = 500;
    private const LINES = 34;
    private const ORDERS = 5000;
    private const LOT_MOVES = 1_000_000;
    private const REPORTS = 50_000;

    public function run(RunState $states): void
    {
        $this->call(DemoSeeder::class);
        $owner = DB::connection('owner');
        $this->kits($owner);
        $this->runs($owner, $states);
        $this->lots($owner);
        $this->orders($owner);
        $this->reports($owner);
        $owner->statement('analyze');
    }

    private function kits(Connection $owner): void
    {
        $model = 'select revisions.id from revisions join releases on releases.revision_id = revisions.id
                order by revisions.id limit 1';
        $owner->statement(
            "insert into kits (name, created_at, updated_at) select 'Range ' || to_char(n, 'FM000'), now(), now()
                from generate_series(1, ?) n",
            [self::KITS - $owner->table('kits')->count()],
        );
        $owner->statement(
            "insert into revisions (kit_id, name, sequence, files, created_at, updated_at)
                select kits.id, 'A', 0, (select files from revisions where id = ({$model})), now(), now() from kits
                where name like 'Range %'",
        );
        $fresh = "revisions join kits on kits.id = revisions.kit_id where kits.name like 'Range %'";
        $owner->statement(
            "insert into revision_facts (revision_id, sequence, code, shelf, options, picture, updated_at)
                select revisions.id, 0, model.code, model.shelf, model.options, model.picture, now() from (select *
                from revision_facts where revision_id = ({$model})) model, {$fresh}",
        );
        $owner->statement(
            "insert into known_parts (fingerprint, title, kind_name, row)
                select left(kits.name || ' ' || model.fingerprint, 190), model.title, model.kind_name, model.row
                from (select known_parts.* from known_parts join kit_parts using (fingerprint)
                where kit_id = (select kit_id from kit_parts order by id limit 1)) model, {$fresh}
                on conflict do nothing",
        );
        $owner->statement(
            "insert into kit_parts (revision_id, kit_id, fingerprint, designators)
                select revisions.id, kits.id, left(kits.name || ' ' || model.fingerprint, 190), model.designators
                from (select * from kit_parts where kit_id = (select kit_id from kit_parts
                order by id limit 1)) model, {$fresh} on conflict do nothing",
        );
        $owner->statement(
            "insert into releases (revision_id, operation_id, code, files, core, created_at)
                select revisions.id, gen_random_uuid(), 'R' || kits.id, revisions.files, 'full',
                now() - interval '300 days' from {$fresh}",
        );
        $owner->statement(
            "insert into release_documents (release_id, name, document)
                select releases.id, model.name, model.document from (select release_documents.name, document
                from release_documents join releases on releases.id = release_id
                where revision_id = ({$model})) model, releases where core = 'full'",
        );
        $owner->statement(
            "insert into public_tokens (token, release_id, created_at) select md5('release ' || id), id, now()
                from releases where core = 'full'",
        );
    }

    private function runs(Connection $owner, RunState $states): void
    {
        $owner->statement(
            "insert into articles (form, kit_id) select distinct 'kit', kit_id from releases
                join revisions on revisions.id = revision_id where core = 'full' on conflict do nothing",
        );
        $lines = json_decode((string) $owner->table('runs')->orderBy('id')->value('lines'), true);
        $lines = json_encode(
            array_slice(array_merge(...array_fill(0, self::LINES, (array) $lines)), 0, self::LINES),
            JSON_THROW_ON_ERROR,
        );
        $owner->statement(
            "insert into runs (release_id, operation_id, packs, pack_size, lines, options, created_at)
                select id, gen_random_uuid(), ?, 1, ?, '', now() - interval '200 days' from releases
                where core = 'full' order by id limit ?",
            [self::PACKS, $lines, self::RUNS],
        );
        $runs = array_values(
            Run::query()
                ->whereHas('release', static fn($release) => $release->where('core', 'full'))
                ->with('release')
                ->orderBy('id')
                ->get()
                ->all(),
        );
        foreach ($runs as $run) {
            $units = array_map(
                static fn(int $i): array => [
                    'release_id' => $run->release_id,
                    'run_id' => $run->id,
                    'pack' => $i,
                    'number' => $i + 1,
                    'serial' => Serial::of($run->release->code, 'A', $i + 1)->text(),
                    'created_at' => now(),
                ],
                range(0, self::PACKS - 1),
            );
            $owner->table('units')->insert($units);
        }
        $ids = implode(',', array_map(static fn(Run $run): int => $run->id, $runs));
        $owner->statement(
            "insert into public_tokens (token, release_id, unit_id, created_at)
                select md5('unit ' || id), release_id, id, now() from units where run_id in ({$ids})",
        );
        $owner->statement(
            "insert into run_events (run_id, operation_id, action, line, pack, created_at)
                select runs.id, gen_random_uuid(), 'in', line, pack,
                now() - interval '200 days' + make_interval(secs => (line * ? + pack) * 6)
                from runs, generate_series(0, ?) line, generate_series(0, ?) pack where runs.id in ({$ids})
                order by runs.id, line, pack",
            [self::PACKS, self::LINES - 1, self::PACKS - 1],
        );
        foreach ($runs as $run) {
            $states->renew($run);
        }
        $owner->statement(
            "insert into unit_moves (unit_id, sequence, operation_id, entry, created_at)
                select id, 1, gen_random_uuid(), 'packed', now() - interval '190 days' from units
                where run_id in ({$ids})",
        );
    }

    /** A book of a million rows over the lots of the demo and of every kit's parts. */
    private function lots(Connection $owner): void
    {
        $owner->statement(
            "insert into stock_parts (fingerprint, title, created_at)
                select fingerprint, title, now() from known_parts on conflict do nothing",
        );
        $owner->statement(
            "insert into lots (operation_id, stock_part_id, name, created_at)
                select gen_random_uuid(), id, 'full ' || n, now() from stock_parts, generate_series(1, 4) n
                where id <= (select min(id) + 999 from stock_parts)",
        );
        // The state of each lot is summed once, not row by row.
        $owner->statement('alter table lot_moves disable trigger lot_moves_state');
        $owner->statement(
            "insert into lot_moves (lot_id, operation_id, entry, quantity, created_at)
                select lots.id, gen_random_uuid(), 'corrected', 1 + n % 3, now() - make_interval(secs => n)
                from (select id, row_number() over (order by id) as place, count(*) over () as inall from lots) lots
                join generate_series(1, ?) n on n % lots.inall = lots.place - 1",
            [self::LOT_MOVES],
        );
        $owner->statement('alter table lot_moves enable trigger lot_moves_state');
        $owner->statement(
            'update lot_states set on_hand = sums.n from (select lot_id, sum(quantity) as n from lot_moves
                group by lot_id) sums where sums.lot_id = lot_states.lot_id',
        );
    }

    private function orders(Connection $owner): void
    {
        $owner->statement(
            "insert into customers (name, email, created_at, updated_at)
                select 'Customer ' || n, 'customer' || n || '@saltmarsh.example', now(), now()
                from generate_series(1, ?) n",
            [self::ORDERS],
        );
        $owner->statement(
            "insert into orders (number, operation_id, customer_id, placed_on, source, created_at)
                select 'F-' || id, gen_random_uuid(), id, current_date - (id % 300)::int, 'csv', now() from customers
                where name like 'Customer %'",
        );
        $owner->statement(
            "insert into order_lines (order_id, article_id, quantity, unit_price, currency)
                select orders.id, articles.id, 1 + orders.id % 4, 1850, 'EUR' from orders
                join articles on articles.form = 'kit'
                    and kit_id = (select min(id) from kits where name like 'Range %') + orders.id % ?
                where orders.number like 'F-%'",
            [self::RUNS],
        );
        // Nine orders of ten went out, with the oldest kits of their range.
        foreach (['allocated', 'shipped'] as $step => $entry) {
            $owner->statement(
                "with wanted as (select order_lines.order_id, kit_id, quantity,
                    sum(quantity) over (partition by kit_id order by order_lines.order_id) as until
                    from order_lines
                    join articles on articles.id = article_id join orders on orders.id = order_id
                    where number like 'F-%' and order_id % 10 <> 0),
                numbered as (select units.id, revisions.kit_id, row_number() over (partition by revisions.kit_id
                    order by units.id) as n from units join releases on releases.id = units.release_id
                    join revisions on revisions.id = releases.revision_id where releases.core = 'full')
                insert into unit_moves (unit_id, sequence, operation_id, entry, order_id, created_at)
                select numbered.id, ?, gen_random_uuid(), ?, wanted.order_id, now() - interval '100 days' from wanted
                    join numbered on numbered.kit_id = wanted.kit_id and numbered.n > wanted.until - wanted.quantity
                    and numbered.n <= wanted.until",
                [$step + 2, $entry],
            );
        }
    }

    private function reports(Connection $owner): void
    {
        $owner->statement(
            "insert into reports (operation_id, likeness, release_id, unit_id, serial, step, text, customer_id, source, created_at)
            select gen_random_uuid(), md5((n % 4000)::text) || md5(n::text), units.release_id, units.id,
                units.serial, 'solder:R1', 'Report ' || n || ': the lamp stays dark after step ' || n % 25 || ', the supply is right and both joints look good.', 1 + n % 100, 'page', now() - make_interval(mins => n * 8)
            from generate_series(1, ?) n join (select id, release_id, serial,
                row_number() over (order by id) - 1 as place from units) units on units.place = n % 20000",
            [self::REPORTS],
        );
        $owner->statement(
            "insert into report_judgements (report_id, operation_id, kit_id, symptom, cause, fault_origin, part,
                created_at) select reports.id, gen_random_uuid(), revisions.kit_id, 'nothing-happens',
                'reversed', 'builder', 'D1', now() from reports join releases on releases.id = release_id
                join revisions on revisions.id = revision_id where reports.id % 10 <> 0 and text like 'Report %'",
        );
        $owner->statement(
            "insert into report_answers (report_id, operation_id, text, created_at)
                select id, gen_random_uuid(), 'Turn D1 round.', now() from reports where id % 12 <> 0
                and text like 'Report %'",
        );
    }
}
