<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Support\Row;
use Illuminate\Support\Facades\DB;

/** Parts that are kept in stock, known by what the Library knows them by. */
final readonly class StockParts
{
    /** The part, made when it is first needed. */
    public function ensure(string $fingerprint, string $title, string $unit = 'piece'): int
    {
        DB::table('stock_parts')->insertOrIgnore([
            'fingerprint' => $fingerprint,
            'title' => mb_substr($title === '' ? $fingerprint : $title, 0, 190),
            'unit' => $unit,
            'created_at' => now(),
        ]);

        return Row::first(DB::table('stock_parts')->where('fingerprint', $fingerprint)->select('id'))?->int('id') ?? 0;
    }

    public function title(int $part): string
    {
        $title = DB::table('stock_parts')->where('id', $part)->value('title');

        return is_string($title) ? $title : '';
    }
}
