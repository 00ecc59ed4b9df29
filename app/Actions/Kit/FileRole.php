<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use Chiralex\ChiralexException;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Data\HeaderSynonyms;
use Chiralex\Table\HeaderMap;

/** Tells a placement file from a parts list by its columns. */
final readonly class FileRole
{
    public static function isPlacement(string $bytes): bool
    {
        try {
            $table = (new CsvReader())->read($bytes, 'file');
        } catch (ChiralexException) {
            return false;
        }
        $map = HeaderMap::guess($table->headers, HeaderSynonyms::PLACEMENTS);

        return $map->has('x') && $map->has('y') && $map->has('designator');
    }
}
