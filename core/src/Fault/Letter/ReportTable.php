<?php

declare(strict_types=1);

namespace Chiralex\Fault\Letter;

use Chiralex\Fault\Internal\DayCell;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Table\ColumnCells;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\Table;
use Chiralex\Table\TextDecoder;

/**
 * Reports of a table (`date, serial, revision, kit, step, symptom, cause, text, name, email`; only `text` is needed) or of JSON lines with
 * the same names. What cannot be used is told with its row; the others are read.
 */
final readonly class ReportTable
{
    private const LONGEST = 100_000;

    /**
     * @return array{list<ReportRow>, list<Problem>}
     * @throws UnreadableTable when there is no column `text`
     */
    public function table(Table $table): array
    {
        $columns = ColumnCells::of($table, ['text']);
        $rows = $problems = [];
        foreach ($table->rows as $row) {
            $cell = static fn(string $name): string => $columns->cell($row, $name);
            $this->take($table->file, $row->number, $cell, $rows, $problems);
        }

        return [$rows, $problems];
    }

    /** @return array{list<ReportRow>, list<Problem>} */
    public function jsonLines(string $bytes, string $file): array
    {
        $rows = $problems = [];
        foreach (
            explode("\n", str_replace("\r\n", "\n", (new TextDecoder())->decode($bytes, $file)[0])) as $at => $line
        ) {
            if (trim($line) === '') {
                continue;
            }
            $said = json_decode($line, true, 8);
            if (!is_array($said) || array_is_list($said)) {
                $problems[] = self::problem($file, $at + 1, 'report.json', mb_substr(trim($line), 0, 60), 'text');
                continue;
            }
            $cell = static function (string $name) use ($said): string {
                $value = $said[$name] ?? '';

                return is_string($value) || is_int($value) || is_float($value) ? (string) $value : '';
            };
            $this->take($file, $at + 1, $cell, $rows, $problems);
        }

        return [$rows, $problems];
    }

    /**
     * @param callable(string): string $cell
     * @param list<ReportRow> $rows
     * @param list<Problem> $problems
     */
    private function take(string $file, int $number, callable $cell, array &$rows, array &$problems): void
    {
        $date = $cell('date') === '' ? null : DayCell::read($cell('date'));
        $text = trim($cell('text'));
        $fault = match (true) {
            $cell('date') !== '' && $date === null => ['report.date', $cell('date'), 'date'],
            $text === '' => ['report.no-text', '', 'text'],
            strlen($text) > self::LONGEST => ['report.long', (string) mb_strlen($text), 'text'],
            default => null,
        };
        if ($fault === null) {
            $rows[] = ReportRow::of($number, $date, $cell);
        } else {
            $problems[] = self::problem($file, $number, ...$fault);
        }
    }

    private static function problem(string $file, int $row, string $code, string $text, string $column): Problem
    {
        return new Problem(ProblemSeverity::Error, $code, ['text' => $text], $file, $row, $column);
    }
}
