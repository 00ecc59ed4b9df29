<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Folder;
use Chiralex\Table\CsvReader;
use Chiralex\Table\CsvWriter;
use Chiralex\Table\Data\HeaderSynonyms;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\HeaderMap;
use Chiralex\Table\Table;

/** Cells and rows of a table, written in place: rows keep their numbers, and the table its separator. */
final readonly class ListFile
{
    /**
     * @param string $file empty for the parts list
     * @return array{Folder, string} the folder, and what stood there
     * @throws UnusableEdit when there is no such row or column
     * @throws UnusableKit when there is no parts list
     * @throws UnreadableTable when it cannot be read
     */
    public static function put(Folder $folder, ?int $row, int $column, string $text, string $file = ''): array
    {
        $table =
            $file === ''
                ? $folder->partsList()
                : (new CsvReader())->read(
                    $folder->files[$file] ??
                        throw UnusableEdit::unknown('file', $file, array_map(strval(...), array_keys($folder->files))),
                    $file,
                );
        $row ??= $table->headerRow;
        $records = self::records($table, $table->headers);
        if (!isset($records[$row])) {
            throw UnusableEdit::row((string) $row, $table->file, max([0, ...array_keys($records)]));
        }
        $before =
            $records[$row][$column] ??
            throw UnusableEdit::column('number ' . ($column + 1), $table->file, $table->headers);
        $records[$row][$column] = $text;

        return [$folder->with($table->file, (new CsvWriter($table->separator))->records($records)), $before];
    }

    /**
     * Puts a row into the parts list; a column that it has not yet is added behind the others.
     *
     * @param ?int $row an empty record; null writes behind the last
     * @param array<array-key, string> $cells by what the columns hold, or a list by their places
     * @return array{Folder, int} the folder, and the row's number
     * @throws UnusableEdit when a row stands there
     * @throws UnusableKit when there is no parts list
     * @throws UnreadableTable when it cannot be read
     */
    public static function insert(Folder $folder, ?int $row, array $cells): array
    {
        $table = $folder->partsList();
        $headers = $table->headers;
        $columns = HeaderMap::guess($headers, HeaderSynonyms::PARTS)->columns;
        foreach (array_keys($cells) as $field) {
            if (is_string($field) && !isset($columns[$field])) {
                $columns[$field] = count($headers);
                $headers[] = ucfirst($field);
            }
        }
        $records = self::records($table, $headers);
        $row ??= max([0, ...array_keys($records)]) + 1;
        if (isset($records[$row])) {
            throw UnusableEdit::value('the row', 'one where nothing stands');
        }
        $record = array_fill(0, count($headers), '');
        foreach ($cells as $field => $text) {
            $record[is_int($field) ? $field : $columns[$field]] = $text;
        }
        $records[$row] = array_values($record);
        ksort($records);

        return [$folder->with($table->file, (new CsvWriter($table->separator))->records($records)), $row];
    }

    /**
     * Takes a row out of the parts list; an empty record stays, so that the others keep their numbers.
     *
     * @return array{Folder, list<string>} the folder, and what stood there
     * @throws UnusableEdit when there is no such row
     * @throws UnusableKit when there is no parts list
     * @throws UnreadableTable when it cannot be read
     */
    public static function cut(Folder $folder, int $row): array
    {
        $table = $folder->partsList();
        $records = self::records($table, $table->headers);
        if (!isset($records[$row]) || $row === $table->headerRow) {
            throw UnusableEdit::row((string) $row, $table->file, max([0, ...array_keys($records)]));
        }
        $cells = array_values($records[$row]);
        unset($records[$row]);

        return [$folder->with($table->file, (new CsvWriter($table->separator))->records($records)), $cells];
    }

    /**
     * @param list<string> $headers
     * @return array<int, array<array-key, string>> header and rows by their numbers, each as long as the header
     */
    private static function records(Table $table, array $headers): array
    {
        $records = [$table->headerRow => $headers];
        foreach ($table->rows as $each) {
            $records[$each->number] = array_pad($each->cells, count($headers), '');
        }

        return $records;
    }
}
