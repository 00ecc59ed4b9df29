<?php

declare(strict_types=1);

namespace App\Queries\Buying;

use App\Actions\Kit\RefusedKit;
use App\Models\Kit;
use App\Queries\Sales\Packing;
use App\Queries\Sales\RunsOut;
use App\Support\Row;
use Chiralex\Supply\LastDay;
use Chiralex\Supply\Planks;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;

/**
 * How long kits last: those that lie there, those that the parts reach for, when they are sold, and by which day parts have to be ordered.
 *
 * @phpstan-type Reach array{kitId: int, free: int, coming: int, packable: int, later: int, limit: ?string, soldOut: ?array<string, mixed>, orderBy: ?array{day: string, part: string, title: string, supplier: string, leadDays: int, packingDays: int, kits: int, soldOut: string}, unknownLead: int}
 */
final readonly class KitReach
{
    /** A run that was never packed is taken as one of so many. */
    private const USUAL_RUN = 10;

    public function __construct(private KitNeeds $needs, private Packing $packing) {}

    /**
     * @param list<int> $kits
     * @return list<Reach> of those that can be read
     */
    public function of(array $kits): array
    {
        $balance = new PartsBalance();
        $runsOut = new RunsOut($kits);
        $free = self::free($kits);
        $coming = self::coming($kits);
        $packing = $this->packingDays($kits);
        $needs = [];
        foreach ($kits as $kit) {
            try {
                $needs[$kit] = array_column($this->needs->of($this->needs->revision($kit)), null, 'part');
            } catch (RefusedKit | ModelNotFoundException) {
                continue;
            }
        }
        $leads = self::leads(
            array_values(array_unique(array_merge(...array_map(array_keys(...), array_values($needs)), ...[[]]))),
        );
        $reach = [];
        foreach ($needs as $kit => $parts) {
            $planks = $balance->planks($parts);
            $sold = $runsOut->sold($kit);
            // What runs are packing is as good as there: its parts are taken off the planks.
            $comes = $coming[$kit] ?? 0;
            $lies = ($free[$kit] ?? 0) + $comes;
            $last =
                $sold === null
                    ? null
                    : LastDay::of(
                        $sold['ordered'],
                        $sold['weeks'],
                        $lies,
                        self::reaches($planks, $leads),
                        $packing[$kit] ?? 0,
                    );
            $reach[] = [
                'kitId' => $kit,
                'free' => $lies,
                'coming' => $comes,
                'packable' => $planks->waterline(),
                'later' => $planks->laterWaterline(),
                'limit' => isset($planks->planks[0]) ? $parts[$planks->planks[0]->key]['title'] : null,
                'soldOut' => $runsOut->of($kit, $lies),
                'orderBy' =>
                    $last === null
                        ? null
                        : [
                            'day' => now()->addDays($last->day)->toDateString(),
                            'part' => $last->part,
                            'title' => $parts[$last->part]['title'],
                            'supplier' => $leads[$last->part]['supplier'],
                            'leadDays' => $last->lead,
                            'packingDays' => $last->packing,
                            'kits' => $last->kits,
                            'soldOut' => now()->addDays($last->soldOut)->toDateString(),
                        ],
                'unknownLead' => count(array_diff_key($parts, $leads)),
            ];
        }

        return $reach;
    }

    /** @return list<int> the kits that are not put aside */
    public static function all(): array
    {
        /** @var list<int> */
        return Kit::query()->whereNull('put_aside_at')->orderBy('id')->pluck('id')->all();
    }

    /**
     * @param array<string, array{supplier: string, days: int}> $leads
     * @return array<string, array{kits: int, lead: ?int}>
     */
    private static function reaches(Planks $planks, array $leads): array
    {
        $reaches = [];
        foreach ($planks->planks as $plank) {
            $reaches[$plank->key] = ['kits' => $plank->laterKits(), 'lead' => $leads[$plank->key]['days'] ?? null];
        }

        return $reaches;
    }

    /**
     * @param list<int> $kits
     * @return array<int, int> kits on hand, in class packs too, less those that orders still wait for
     */
    private static function free(array $kits): array
    {
        $free = [];
        $rows = DB::table('articles')
            ->leftJoin('articles_on_hand', 'articles_on_hand.article_id', '=', 'articles.id')
            ->leftJoinSub(
                DB::table('order_lines')->groupBy('article_id')->selectRaw('article_id, sum(quantity) as n'),
                'asked',
                'asked.article_id',
                '=',
                'articles.id',
            )
            ->leftJoinSub(
                DB::table('unit_articles')
                    ->whereIn('entry', ['allocated', 'shipped'])
                    ->groupBy('article_id')
                    ->selectRaw('article_id, count(*) as n'),
                'given',
                'given.article_id',
                '=',
                'articles.id',
            )
            ->whereIn('form', ['kit', 'class'])
            ->whereIn('kit_id', $kits)
            ->groupBy('kit_id')
            ->selectRaw(
                'kit_id, sum(coalesce(articles_on_hand.n, 0) * pack_size
                    - greatest(0, coalesce(asked.n, 0) * pack_size - coalesce(given.n, 0)))::int as n',
            );
        foreach (Row::all($rows) as $row) {
            $free[$row->int('kit_id')] = $row->int('n');
        }

        return $free;
    }

    /**
     * @param list<int> $kits
     * @return array<int, int> kits that unfinished runs still bring
     */
    private static function coming(array $kits): array
    {
        $coming = [];
        $runs = DB::table('runs')
            ->leftJoin('run_states', 'run_states.run_id', '=', 'runs.id')
            ->join('releases', 'releases.id', '=', 'release_id')
            ->join('revisions', 'revisions.id', '=', 'revision_id')
            ->whereIn('kit_id', $kits)
            ->whereRaw('coalesce(complete, 0) < packs')
            ->groupBy('kit_id')
            ->selectRaw(
                "kit_id, sum((packs - coalesce(complete, 0)) * case when dealing = 'pupil' then 1 else pack_size end)::int as n",
            );
        foreach (Row::all($runs) as $row) {
            $coming[$row->int('kit_id')] = $row->int('n');
        }

        return $coming;
    }

    /**
     * @param list<string> $parts
     * @return array<string, array{supplier: string, days: int}> of each part the quickest supplier that says how long it takes
     */
    private static function leads(array $parts): array
    {
        $leads = [];
        foreach (
            Row::all(
                DB::table('offers')
                    ->join('suppliers', 'suppliers.id', '=', 'supplier_id')
                    ->whereIn('fingerprint', $parts)
                    ->whereNotNull('lead_days')
                    ->orderByRaw('lead_days desc, lower(name) desc')
                    ->distinct()
                    ->selectRaw('fingerprint, name, lead_days, lower(name)'),
            ) as $row
        ) {
            $leads[$row->text('fingerprint')] = ['supplier' => $row->text('name'), 'days' => $row->int('lead_days')];
        }

        return $leads;
    }

    /**
     * @param list<int> $kits
     * @return array<int, int> days until a run as large as the last one is packed; none where nobody can tell
     */
    private function packingDays(array $kits): array
    {
        $sizes = array_fill_keys($kits, self::USUAL_RUN);
        $runs = DB::table('runs')
            ->join('releases', 'releases.id', '=', 'release_id')
            ->join('revisions', 'revisions.id', '=', 'revision_id')
            ->whereIn('kit_id', $kits)
            ->orderBy('runs.id')
            ->selectRaw("kit_id, packs * case when dealing = 'pupil' then 1 else pack_size end as n");
        foreach (Row::all($runs) as $row) {
            $sizes[$row->int('kit_id')] = $row->int('n');
        }
        $days = $this->packing->pace()->days(array_values($sizes));

        return array_map(static fn(?array $day): int => $day[0] ?? 0, array_combine(array_keys($sizes), $days));
    }
}
