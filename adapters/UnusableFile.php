<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use Chiralex\Limits;
use RuntimeException;

/** A file or folder that cannot be opened; the message names it and says what to do. */
final class UnusableFile extends RuntimeException
{
    /** @var list<string> tables that may be the parts list, where that is why */
    public array $lists = [];

    public static function absent(string $path): self
    {
        return new self("{$path}: no such file or folder; check the path.");
    }

    public static function unwritable(string $path): self
    {
        return new self("{$path} cannot be written; check the folder and its rights.");
    }

    public static function occupied(string $path): self
    {
        return new self("{$path} holds something else already; name a folder that is empty or absent.");
    }

    public static function tooLarge(string $name, int $bytes): self
    {
        return new self(
            sprintf(
                '%s is %.1f MB; the limit is %d MB. Remove what does not belong to the kit.',
                $name,
                $bytes / 1_048_576,
                intdiv(KitFiles::LIMIT, 1_048_576),
            ),
        );
    }

    public static function unclear(string $name): self
    {
        return new self(
            "{$name}: its headers say neither where parts stand nor what they are; the parts list stays as it is. Write headers like Designator, Value, Package over a parts list, or Designator, X, Y, Rotation, Side over places.",
        );
    }

    /** @param list<string> $lists */
    public static function severalLists(array $lists): self
    {
        $refusal = new self(
            'Several tables may be the parts list: ' .
                implode(', ', array_slice($lists, 0, 6)) .
                '. Keep the one of this kit, name it bom.csv, or choose it where you dropped them.',
        );
        $refusal->lists = $lists;

        return $refusal;
    }

    public static function badText(string $name, string $why): self
    {
        return new self("{$name} cannot be read: {$why}. Save the manual as ODT, DOCX or Markdown.");
    }

    public static function badDrawing(string $name, string $why): self
    {
        return new self("{$name} cannot be shown: {$why}. Save the drawing again as SVG or PDF.");
    }

    public static function badArchive(string $name, string $why): self
    {
        return new self("{$name}: the ZIP cannot be used ({$why}); pack the kit folder again.");
    }

    public static function largeWorkbook(string $name, string $limit): self
    {
        return new self(
            "{$name}: the sheet holds more than {$limit}, the limit for a workbook; keep the rows of this kit and save it again, or save it as CSV.",
        );
    }

    public static function farCell(string $name, int $column, int $row): self
    {
        return new self(
            sprintf(
                '%s: there is a cell in row %s, column %s; at most %s rows and %d columns are read. Delete what lies outside the list and save it again.',
                $name,
                number_format($row),
                number_format($column),
                number_format(Limits::ROWS_READ),
                Limits::COLUMNS,
            ),
        );
    }

    public static function badWorkbook(string $name): self
    {
        return new self("{$name} is no readable workbook; save it again as XLSX or as CSV.");
    }
}
