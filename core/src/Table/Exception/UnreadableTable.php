<?php

declare(strict_types=1);

namespace Chiralex\Table\Exception;

use Chiralex\ChiralexException;
use RuntimeException;

/** A file that holds no table at all, so that nothing can be imported from it. */
final class UnreadableTable extends RuntimeException implements ChiralexException
{
    /** @param list<string> $headers the columns there are, where one is missing */
    private function __construct(
        string $message,
        public readonly array $headers = [],
        public readonly string $missing = '',
    ) {
        parent::__construct($message);
    }

    public static function empty(string $file): self
    {
        return new self("{$file} is empty: export the table again and drop that file.");
    }

    public static function binary(string $file): self
    {
        return new self("{$file} is not text (binary bytes found): export it as CSV or XLSX and drop that file.");
    }

    public static function tooLarge(string $file, int $limit): self
    {
        return new self(
            sprintf(
                '%s is larger than %d MB, the limit for a table: remove what is not a parts list.',
                $file,
                intdiv($limit, 1_048_576),
            ),
        );
    }

    /** @param list<string> $headers */
    public static function noColumn(string $file, string $column, array $headers): self
    {
        $list = mb_strimwidth(
            implode(', ', array_filter($headers, static fn(string $header): bool => $header !== '')),
            0,
            120,
            '...',
        );

        return new self(
            "{$file} row 1: no {$column} column among: {$list}. Name one of them so, or say in the application which one it is.",
            $headers,
            $column,
        );
    }

    public static function tooManyRows(string $file, int $limit): self
    {
        return new self(
            sprintf(
                '%s has more than %s rows, the limit for one table: keep the rows of this kit and drop it again.',
                $file,
                number_format($limit),
            ),
        );
    }

    public static function tooManyColumns(string $file, int $row, int $limit): self
    {
        return new self(
            "{$file} row {$row} has more than {$limit} columns, the limit: is the separator another one, or a cell not closed?",
        );
    }

    public static function longCell(string $file, int $row, int $limit): self
    {
        return new self(
            sprintf(
                '%s row %d holds a cell of more than %s characters, the limit: shorten it, or close its quotation mark.',
                $file,
                $row,
                number_format($limit),
            ),
        );
    }

    public static function tooManyParts(string $file, int $row, int $limit): self
    {
        return new self(
            sprintf(
                '%s row %d: the list names more than %s parts by then, the limit: keep the rows of this kit.',
                $file,
                $row,
                number_format($limit),
            ),
        );
    }

    public static function unclosedQuote(string $file, int $row): self
    {
        return new self("{$file} row {$row}: a quotation mark is opened and never closed; close it or remove it.");
    }
}
