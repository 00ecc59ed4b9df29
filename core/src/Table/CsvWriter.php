<?php

declare(strict_types=1);

namespace Chiralex\Table;

/** Writes delimited text as CsvReader reads it: RFC 4180, quoted wherever a reader could take a sign for its separator. */
final readonly class CsvWriter
{
    public function __construct(private string $separator = ',') {}

    /** @param array<string> $cells in order */
    public function record(array $cells): string
    {
        return implode($this->separator, array_map(self::cell(...), $cells)) . "\n";
    }

    /**
     * Records keep their numbers: what is missing between them is a blank record.
     *
     * @param array<int, array<string>> $records by record number, from 1
     */
    public function records(array $records): string
    {
        $text = '';
        for ($number = 1, $last = $records === [] ? 0 : max(array_keys($records)); $number <= $last; ++$number) {
            $text .= $this->record($records[$number] ?? []);
        }

        return $text;
    }

    private static function cell(string $cell): string
    {
        return preg_match('~[",;\t|\r\n]~', $cell) === 1 ? '"' . str_replace('"', '""', $cell) . '"' : $cell;
    }
}
