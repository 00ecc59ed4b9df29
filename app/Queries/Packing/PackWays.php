<?php

declare(strict_types=1);

namespace App\Queries\Packing;

use App\Actions\Kit\Documents;
use App\Models\Release;
use App\Support\Row;
use Chiralex\Bagging\Packing\KeyPace;
use Chiralex\Bagging\Packing\PackTimes;
use Chiralex\Bagging\Packing\TwoWays;
use Chiralex\ChiralexException;
use Illuminate\Support\Facades\DB;

/** How long a run of a release takes, line by line and bag by bag, by the times of the shop's own keys once there are enough. */
final readonly class PackWays
{
    /** Keys that are looked at, the newest. */
    private const KEYS = 3000;

    public function __construct(private Documents $documents) {}

    /**
     * @return array{lineStart: float, lineEach: float, bagEach: float, crossing: ?int, timed: bool}
     * @throws ChiralexException when the files of the kit cannot be read
     */
    public function of(Release $release, string $options): array
    {
        /** @var array{bags: list<array{size: string, items: list<array{quantity: int}>}>} $document */
        $document = $this->documents->get($release->revision, 'bags', $options);
        $items = array_merge(...array_column($document['bags'], 'items'));
        $closed = array_filter($document['bags'], static fn(array $bag): bool => $bag['size'] !== 'box');
        $timed = KeyPace::of($this->keys());
        $ways = TwoWays::counted(
            count($items),
            (int) array_sum(array_column($items, 'quantity')),
            count($closed),
            $timed ?? new PackTimes(),
        );

        return [
            'lineStart' => $ways->lineStart,
            'lineEach' => $ways->lineEach,
            'bagEach' => $ways->bagEach,
            'crossing' => $ways->crossing(),
            'timed' => $timed !== null,
        ];
    }

    /** @return list<array{run: int, line: int, at: float, pieces: int}> */
    private function keys(): array
    {
        $newest = DB::table('run_events')
            ->where('action', 'in')
            ->whereIn('run_id', DB::table('runs')->where('way', 'line')->select('id'))
            ->orderByDesc('id')
            ->limit(self::KEYS)
            ->select(['id', 'run_id', 'line', 'created_at']);

        return array_map(
            static fn(Row $row): array => [
                'run' => $row->int('run_id'),
                'line' => $row->int('line'),
                'at' => (float) $row->text('at'),
                'pieces' => max(1, $row->intOrNull('pieces') ?? 1),
            ],
            Row::all(
                DB::query()
                    ->fromSub($newest, 'k')
                    ->join('runs', 'runs.id', '=', 'k.run_id')
                    ->orderBy('k.run_id')
                    ->orderBy('k.id')
                    ->selectRaw(
                        "k.run_id, k.line, extract(epoch from k.created_at)::text as at,
                        (runs.lines -> k.line -> 'item' ->> 'quantity')::int as pieces",
                    ),
            ),
        );
    }
}
