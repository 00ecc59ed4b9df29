<?php

declare(strict_types=1);

namespace Chiralex\Table;

use Chiralex\Table\Exception\UnreadableTable;

/** The cells of a table whose columns have one name each, whatever its case; a column that is not there is empty. */
final readonly class ColumnCells
{
    /** @param array<string, int> $columns */
    private function __construct(private array $columns, private Table $table) {}

    /**
     * @param list<string> $needed
     * @throws UnreadableTable when one of these is missing
     */
    public static function of(Table $table, array $needed): self
    {
        $columns = [];
        foreach ($table->headers as $index => $header) {
            $columns[mb_strtolower(trim($header))] ??= $index;
        }
        foreach ($needed as $name) {
            if (!isset($columns[$name])) {
                throw UnreadableTable::noColumn($table->file, $name, $table->headers);
            }
        }

        return new self($columns, $table);
    }

    public function cell(Row $row, string $name): string
    {
        return isset($this->columns[$name]) ? trim($row->cell($this->columns[$name])) : '';
    }

    /** The header as the table writes it. */
    public function header(string $name): string
    {
        return $this->table->headers[$this->columns[$name] ?? -1] ?? $name;
    }
}
