<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\DB;

/**
 * Locks for rows that the serving role may not update, held until the transaction ends; always taken in ascending order.
 */
final readonly class Locks
{
    private const SPACES = [
        'run' => 1,
        'unit' => 2,
        'order' => 3,
        'serials' => 4,
        'part' => 5,
        'pack' => 6,
        'article' => 7,
        'mendings' => 8,
    ];

    /**
     * @param 'run'|'unit'|'order'|'serials'|'part'|'pack'|'article'|'mendings' $space
     * @param list<int> $ids
     */
    public static function take(string $space, array $ids): void
    {
        sort($ids);
        foreach (array_unique($ids) as $id) {
            DB::statement('select pg_advisory_xact_lock(?, ?)', [self::SPACES[$space], $id]);
        }
    }
}
