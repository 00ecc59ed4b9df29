<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Folder;
use Chiralex\Table\CsvWriter;
use Chiralex\Table\Exception\UnreadableTable;

/** One cell of the parts list, written in place: rows keep their numbers, and the list its separator. */
final readonly class ListFile
{
    /**
     * @return array{Folder, string} the folder, and what stood there
     * @throws UnusableEdit when there is no such row or column
     * @throws UnusableKit when there is no parts list
     * @throws UnreadableTable when it cannot be read
     */
    public static function put(Folder $folder, ?int $row, int $column, string $text): array
    {
        $table = $folder->partsList();
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
