<?php

declare(strict_types=1);

namespace Chiralex\Table;

use Chiralex\Limits;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\Internal\Preamble;

/**
 * Delimited text to a table, quoting per RFC 4180; the separator is the one that gives the steadiest columns.
 *
 * Blank records, titles and comments before the header are passed over and counted.
 */
final readonly class CsvReader
{
    private const LIMIT = 10 * 1_048_576;

    /** @throws UnreadableTable when the bytes are empty, binary, too many, end inside a quotation, or go beyond a limit */
    public function read(string $bytes, string $file): Table
    {
        if (strlen($bytes) > self::LIMIT) {
            throw UnreadableTable::tooLarge($file, self::LIMIT);
        }
        [$text, $encoding] = (new TextDecoder())->decode($bytes, $file);
        $separator = Preamble::separator($text);
        if ($separator === ' ') {
            $text = (string) preg_replace(['~^[ \t]+|[ \t]+$~m', '~[ \t]+~'], ['', "\t"], $text);
            $text = (string) preg_replace('~^(#+|//|%)\t~m', '$1', $text);
            $separator = "\t";
        }
        $records = $this->records($text, $separator, $file);
        [$header, $headers] = Preamble::header($records);
        $rows = [];
        foreach ($records as $index => $cells) {
            $row = new Row($index + 1, array_map(trim(...), $cells));
            if ($index > $header && !$row->isBlank()) {
                $rows[] = $row;
            }
            if (count($rows) > Limits::ROWS_READ) {
                throw UnreadableTable::tooManyRows($file, Limits::ROWS_READ);
            }
        }

        return new Table($file, array_map(trim(...), $headers), $rows, $encoding, $separator, $header + 1);
    }

    /**
     * @return list<list<string>>
     * @throws UnreadableTable when the text ends inside a quotation, or goes beyond a limit
     */
    private function records(string $text, string $separator, string $file): array
    {
        $records = [];
        $cells = [];
        $length = strlen($text);
        $at = 0;
        $special = $separator . "\r\n";
        while ($at < $length) {
            if (($text[$at] ?? '') === '"') {
                [$cell, $at] = $this->quoted($text, $at, $file, count($records) + 1);
                $tail = strcspn($text, $special, $at);
                $cell .= substr($text, $at, $tail);
                $at += $tail;
            } else {
                $span = strcspn($text, $special, $at);
                $cell = substr($text, $at, $span);
                $at += $span;
            }
            if (strlen($cell) > Limits::CELL) {
                throw UnreadableTable::longCell($file, count($records) + 1, Limits::CELL);
            }
            $cells[] = $cell;
            if (count($cells) > Limits::COLUMNS) {
                throw UnreadableTable::tooManyColumns($file, count($records) + 1, Limits::COLUMNS);
            }
            $mark = $text[$at] ?? "\n";
            ++$at;
            if ($mark === $separator) {
                if ($at >= $length) {
                    $cells[] = '';
                } else {
                    continue;
                }
            }
            if ($mark === "\r" && ($text[$at] ?? '') === "\n") {
                ++$at;
            }
            $records[] = $cells;
            if (count($records) > Limits::RECORDS_READ) {
                throw UnreadableTable::tooManyRows($file, Limits::ROWS_READ);
            }
            $cells = [];
        }
        if ($cells !== []) {
            $records[] = $cells;
        }

        return $records;
    }

    /**
     * @return array{string, int} the cell and the place behind its closing mark
     * @throws UnreadableTable when there is no closing mark
     */
    private function quoted(string $text, int $at, string $file, int $row): array
    {
        $cell = '';
        ++$at;
        while (true) {
            $close = strpos($text, '"', $at);
            if ($close === false) {
                throw UnreadableTable::unclosedQuote($file, $row);
            }
            $cell .= substr($text, $at, $close - $at);
            if (($text[$close + 1] ?? '') !== '"') {
                return [$cell, $close + 1];
            }
            $cell .= '"';
            $at = $close + 2;
        }
    }
}
