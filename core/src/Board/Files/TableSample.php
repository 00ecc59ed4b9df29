<?php

declare(strict_types=1);

namespace Chiralex\Board\Files;

use Chiralex\Board\PlacementReader;
use Chiralex\Table\Row;
use Chiralex\Table\Table;

/** The head of a table and what its columns were taken for, so that its maker can see both. */
final readonly class TableSample
{
    private const ROWS = 3;
    private const CELL = 60;

    /**
     * @param list<string> $headers
     * @param array<string, int> $columns field to column, counted from 0
     * @param list<list<string>> $rows the first ones
     * @param list<string> $guessed fields whose header did not say so
     */
    private function __construct(
        public array $headers,
        public array $columns,
        public array $rows,
        public array $guessed,
    ) {}

    public static function ofPlaces(Table $table): self
    {
        [$map, $told] = (new PlacementReader())->columns($table);

        return new self(
            self::cut($table->headers),
            $map->columns,
            array_map(
                static fn(Row $row): array => self::cut(
                    array_slice(array_pad($row->cells, count($table->headers), ''), 0, count($table->headers)),
                ),
                array_slice($table->rows, 0, self::ROWS),
            ),
            array_map(strval(...), array_keys(array_diff_key($map->columns, $told))),
        );
    }

    /**
     * @param list<string> $cells
     * @return list<string>
     */
    private static function cut(array $cells): array
    {
        return array_map(static fn(string $cell): string => mb_strimwidth($cell, 0, self::CELL, '...'), $cells);
    }
}
