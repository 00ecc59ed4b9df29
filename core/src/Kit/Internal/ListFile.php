<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Folder;
use Chiralex\Table\CsvReader;
use Chiralex\Table\CsvWriter;
use Chiralex\Table\Exception\UnreadableTable;

/** One cell of a table, written in place: rows keep their numbers, and the table its separator. */
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
        $records = [$table->headerRow => $table->headers];
        foreach ($table->rows as $each) {
            $records[$each->number] = array_pad($each->cells, count($table->headers), '');
        }
        if (!isset($records[$row])) {
            throw UnusableEdit::row((string) $row, $table->file, (int) max(array_keys($records)));
        }
        $before =
            $records[$row][$column] ??
            throw UnusableEdit::column('number ' . ($column + 1), $table->file, $table->headers);
        $records[$row][$column] = $text;

        return [$folder->with($table->file, (new CsvWriter($table->separator))->records($records)), $before];
    }
}
