<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Support\Row;
use Chiralex\Supply\Pace;
use Illuminate\Support\Facades\DB;

/** How fast the shop packs: its kits of each day of the last quarter of a year. */
final readonly class Packing
{
    private const DAYS = 91;

    public function pace(): Pace
    {
        $today = now()->startOfDay();
        $first = DB::table('unit_moves')->where('entry', 'packed')->orderBy('id')->value('created_at');
        $since = is_string($first) ? $today->diffInDays(now()->parse($first)->startOfDay(), true) : 0;
        $days = max(1, min(self::DAYS, (int) $since + 1));
        $packed = array_map(
            static fn(Row $row): int => max(1, $row->int('n')),
            Row::all(
                DB::table('unit_moves')
                    ->where('entry', 'packed')
                    // What came back and is packed again was not packed then.
                    ->where('sequence', 1)
                    ->where('created_at', '>=', $today->copy()->subDays($days - 1))
                    ->groupByRaw('created_at::date')
                    ->orderByRaw('created_at::date')
                    ->selectRaw('count(*) as n'),
            ),
        );

        return new Pace($days, $packed);
    }
}
