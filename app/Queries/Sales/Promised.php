<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Support\Row;
use Chiralex\Supply\Pace;
use Chiralex\Trade\Arrival;
use Chiralex\Trade\Dealing;
use Chiralex\Trade\Promises;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** When each open order ships, in its turn: from what is on hand, then from the runs that are not packed to their end, as fast as the shop packs. */
final readonly class Promised
{
    public function __construct(private Packing $packing) {}

    public function outlook(): Outlook
    {
        $pace = $this->packing->pace();
        [$arrivals, $runs] = $this->runs($pace);
        $wanted = $this->wanted();
        $promises = Promises::of(array_values($wanted), [...$this->onHand(), ...$arrivals]);

        return new Outlook(array_combine(array_keys($wanted), $promises), $runs, $pace);
    }

    /** @return array<int, array<int, int>> open orders in their turn: article to how many are neither set aside nor shipped */
    private function wanted(): array
    {
        $wanted = [];
        foreach (
            Row::all(
                DB::table('order_states')
                    ->where('closed', false)
                    ->where('stage', 'open')
                    ->leftJoin('order_lines', 'order_lines.order_id', '=', 'order_states.order_id')
                    ->groupBy('order_states.order_id', 'turn', 'article_id')
                    ->orderBy('turn')
                    ->selectRaw('order_states.order_id, article_id, sum(quantity) as n'),
            ) as $row
        ) {
            $wanted[$row->int('order_id')] ??= [];
            if ($row->has('article_id')) {
                $wanted[$row->int('order_id')][$row->int('article_id')] = $row->int('n');
            }
        }
        foreach ($this->given() as [$order, $article, $n]) {
            if (isset($wanted[$order][$article])) {
                $wanted[$order][$article] -= $n;
            }
        }

        return $wanted;
    }

    /** @return list<array{int, int, int}> order, article and how many of it are set aside or shipped, of open orders */
    private function given(): array
    {
        $begun = DB::table('order_states')
            ->where('stage', 'open')
            ->whereRaw('allocated + shipped > 0')
            ->select('order_id');

        return array_map(
            static fn(Row $row): array => [$row->int('order_id'), $row->int('article_id'), $row->int('n')],
            Row::all(
                DB::table('unit_articles')
                    ->join('articles', 'articles.id', '=', 'article_id')
                    ->whereIn('order_id', $begun)
                    ->whereIn('entry', ['allocated', 'shipped'])
                    ->groupBy('order_id', 'article_id', 'pack_size')
                    ->selectRaw('order_id, article_id, count(*) / pack_size as n')
                    ->unionAll(
                        DB::table('article_orders')
                            ->whereIn('order_id', clone $begun)
                            ->selectRaw('order_id, article_id, allocated + shipped as n'),
                    ),
            ),
        );
    }

    /** @return list<Arrival> */
    private function onHand(): array
    {
        return array_map(
            static fn(Row $row): Arrival => new Arrival($row->int('article_id'), 0, $row->int('n')),
            Row::all(
                DB::table('articles_on_hand')
                    ->where('n', '>', 0)
                    ->select(['article_id', 'n']),
            ),
        );
    }

    /** @return array{list<Arrival>, array<int, ?array{int, float}>} what unfinished runs still bring, the oldest run first; run to the day it is done, with its chance */
    private function runs(Pace $pace): array
    {
        $left = $kits = $ids = [];
        $before = 0;
        foreach (
            Row::all(
                DB::table('runs')
                    ->leftJoin('run_states', 'run_states.run_id', '=', 'runs.id')
                    ->join('releases', 'releases.id', '=', 'runs.release_id')
                    ->join('revisions', 'revisions.id', '=', 'releases.revision_id')
                    ->join('articles', static function (JoinClause $join): void {
                        $join
                            ->on('articles.kit_id', '=', 'revisions.kit_id')
                            ->on('articles.options', '=', 'runs.options')
                            ->on('articles.pack_size', '=', 'runs.pack_size')
                            ->on('articles.dealing', '=', 'runs.dealing')
                            ->whereNull('articles.name');
                    })
                    ->whereRaw('coalesce(complete, 0) < packs')
                    ->orderBy('runs.id')
                    ->selectRaw(
                        'runs.id, articles.id as article_id, packs, coalesce(complete, 0) as complete,
                        runs.pack_size, runs.dealing',
                    ),
            ) as $row
        ) {
            // A bag of the line is a pupil's where the kits of a class pack are dealt by pupil.
            $bags = $row->text('dealing') === Dealing::ByPupil->value ? $row->int('pack_size') : 1;
            $before += (($row->int('packs') - $row->int('complete')) * $row->int('pack_size')) / $bags;
            $ids[] = $row->int('id');
            $kits[] = (int) ceil($before);
            $left[] = [
                $row->int('article_id'),
                intdiv($row->int('packs'), $bags) - intdiv($row->int('complete'), $bags),
            ];
        }
        $days = $pace->days($kits);
        $arrivals = array_map(
            static fn(int $run, array $comes, ?array $day, int $turn): Arrival => new Arrival(
                $comes[0],
                // A run whose day nobody can tell comes after all that have one, in its turn.
                $day[0] ?? Pace::FAR + 1 + $turn,
                $comes[1],
                (string) $run,
            ),
            $ids,
            $left,
            $days,
            array_keys($ids),
        );

        return [$arrivals, array_combine($ids, $days)];
    }
}
