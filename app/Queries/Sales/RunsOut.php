<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Support\Row;
use Chiralex\Supply\RunOut;
use Illuminate\Support\Facades\DB;

/** The days between which kits on hand are sold, from the orders of the last half year. */
final readonly class RunsOut
{
    /** Orders of so many weeks tell how fast a kit sells. */
    public const WEEKS = 26;

    /** @var array<int, array{int, int<1, max>}> */
    private array $ordered;

    /** @param list<int> $kits */
    public function __construct(array $kits)
    {
        $this->ordered = self::ordered($kits);
    }

    /**
     * @param int $left kits on hand that no order waits for
     * @return ?array{earliest: ?string, middle: ?string, latest: ?string, ordered: int, weeks: int} null where nobody ordered yet
     */
    public function of(int $kitId, int $left): ?array
    {
        if (!isset($this->ordered[$kitId])) {
            return null;
        }
        [$ordered, $weeks] = $this->ordered[$kitId];
        $out = RunOut::of($ordered, $weeks, $left);
        $day = static fn(?int $days): ?string => $days === null ? null : now()->addDays($days)->toDateString();

        return [
            'earliest' => $day($out->earliest),
            'middle' => $day($out->middle),
            'latest' => $day($out->latest),
            'ordered' => $ordered,
            'weeks' => $weeks,
        ];
    }

    /** @return ?array{ordered: int, weeks: int<1, max>} null where nobody ordered yet */
    public function sold(int $kitId): ?array
    {
        return isset($this->ordered[$kitId])
            ? ['ordered' => $this->ordered[$kitId][0], 'weeks' => $this->ordered[$kitId][1]]
            : null;
    }

    /**
     * @param list<int> $ids
     * @return array<int, array{int, int<1, max>}> kits ordered of each in the weeks that are looked at, and how many weeks those are
     */
    private static function ordered(array $ids): array
    {
        $ordered = [];
        foreach (
            Row::all(
                DB::table('order_lines')
                    ->join('articles', 'articles.id', '=', 'article_id')
                    ->join('order_states', 'order_states.order_id', '=', 'order_lines.order_id')
                    ->whereIn('form', ['kit', 'class'])
                    ->whereIn('kit_id', $ids)
                    ->where('placed_on', '<=', now()->toDateString())
                    ->groupBy('kit_id')
                    ->selectRaw(
                        'kit_id, least(?, (?::date - min(placed_on)) / 7 + 1) as weeks, coalesce(sum(quantity * pack_size)
                        filter (where placed_on > ?), 0) as n',
                        [self::WEEKS, now()->toDateString(), now()->subWeeks(self::WEEKS)->toDateString()],
                    ),
            ) as $row
        ) {
            $ordered[$row->int('kit_id')] = [$row->int('n'), max(1, $row->int('weeks'))];
        }

        return $ordered;
    }
}
