<?php

declare(strict_types=1);

namespace App\Queries\Stock;

use App\Support\Row;
use Illuminate\Support\Facades\DB;

/** By what a table may call a part: its number in the Library, its title, its value, or what Stock knows it by. */
final readonly class PartNames
{
    /** @return array<string, list<string>> name in small letters to the parts called so */
    public function all(): array
    {
        $known = [];
        foreach (
            Row::all(
                DB::table('known_parts')
                    ->leftJoin('library_parts', 'library_parts.fingerprint', '=', 'known_parts.fingerprint')
                    ->select(['known_parts.fingerprint', 'known_parts.title', 'number']),
            ) as $row
        ) {
            $print = $row->text('fingerprint');
            foreach (
                array_unique([
                    mb_strtolower($row->text('number')),
                    mb_strtolower($row->text('title')),
                    explode('|', $print)[1] ?? '',
                    $print,
                ]) as $name
            ) {
                if ($name !== '') {
                    $known[$name][] = $print;
                }
            }
        }

        return $known;
    }
}
