<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\PlacementReader;
use Chiralex\ChiralexException;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Data\HeaderSynonyms;
use Chiralex\Table\HeaderMap;

/** Tells a placement file from a parts list by its columns. */
final readonly class DroppedTable
{
    public static function isPlacement(string $bytes): bool
    {
        try {
            $table = (new CsvReader())->read($bytes, 'file');
        } catch (ChiralexException) {
            return false;
        }
        // Places have no quantities.
        return PlacementReader::isPlacements($table) &&
            !HeaderMap::guess($table->headers, HeaderSynonyms::PARTS)->has('quantity');
    }

    /** True where the headers name parts and say what they are. */
    public static function isPartsList(string $bytes): bool
    {
        try {
            $headers = (new CsvReader())->read($bytes, 'file')->headers;
        } catch (ChiralexException) {
            return false;
        }
        $map = HeaderMap::guess($headers, HeaderSynonyms::PARTS);

        return $map->has('designator') && ($map->has('value') || $map->has('description') || $map->has('package'));
    }
}
