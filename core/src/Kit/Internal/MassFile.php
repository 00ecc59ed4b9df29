<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Bom\PartsList;
use Chiralex\Kit\Weighing;
use Chiralex\Limits;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Table\ColumnCells;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\Row;
use Chiralex\Table\Table;

/** masses.csv: part, pieces, grams. */
final readonly class MassFile
{
    private const COLUMNS = ['part', 'pieces', 'grams'];
    /** Weighings of one part that differ by more than this factor a piece are told; common practice, no source. */
    private const WILD = 1.5;

    /**
     * @return array{list<Weighing>, list<Problem>}
     * @throws UnreadableTable when a column is missing
     */
    public function read(Table $table, PartsList $list): array
    {
        $columns = ColumnCells::of($table, self::COLUMNS);
        $known = $this->names($list);
        $weighings = $problems = $each = [];
        foreach ($table->rows as $row) {
            $cell = static fn(string $name): string => $columns->cell($row, $name);
            [$part, $pieces, $grams] = [$cell('part'), $this->number($cell('pieces')), $this->number($cell('grams'))];
            $fault = self::fault($part, $pieces, $grams);
            if ($fault !== null) {
                $problems[] = self::problem(ProblemSeverity::Error, $fault[1], $table, $row, $fault[0], [
                    'part' => $part,
                    'text' => $cell($fault[0]),
                ]);
                continue;
            }
            $weighing = new Weighing($part, (int) $pieces, (float) $grams);
            $weighings[] = $weighing;
            if ($weighing->bag() === null && !isset($known[mb_strtolower($part)])) {
                $problems[] = self::problem(ProblemSeverity::Warning, 'mass.stranger', $table, $row, 'part', [
                    'part' => $part,
                ]);
                continue;
            }
            $each[$known[mb_strtolower($part)] ?? mb_strtolower($part)][] = [
                'row' => $row,
                'grams' => $weighing->grams / $weighing->pieces,
                'part' => $part,
            ];
        }

        return [$weighings, [...$problems, ...$this->wild($each, $table)]];
    }

    /** @return ?array{string, string} the column that cannot be read, and what is said of it */
    private static function fault(string $part, ?float $pieces, ?float $grams): ?array
    {
        return match (true) {
            $part === '' => ['part', 'mass.no-part'],
            $pieces === null || $pieces < 1.0 || floor($pieces) !== $pieces || $pieces > Limits::PIECES => [
                'pieces',
                'mass.pieces',
            ],
            $grams === null || $grams <= 0.0 || $grams >= Limits::NUMBER => ['grams', 'mass.grams'],
            default => null,
        };
    }

    /**
     * @param array<array-key, list<array{row: Row, grams: float, part: string}>> $each line to its weighings, grams a piece
     * @return list<Problem> weighings far from the middle one of their part
     */
    private function wild(array $each, Table $table): array
    {
        $problems = [];
        foreach ($each as $weighings) {
            $grams = array_column($weighings, 'grams');
            sort($grams);
            $middle = $grams[intdiv(count($grams), 2)];
            foreach (count($grams) < 3 ? [] : $weighings as $weighing) {
                if (max($weighing['grams'] / $middle, $middle / $weighing['grams']) > self::WILD) {
                    $problems[] = self::problem(
                        ProblemSeverity::Warning,
                        'mass.wild',
                        $table,
                        $weighing['row'],
                        'grams',
                        [
                            'part' => $weighing['part'],
                            'each' => (string) round($weighing['grams'], 4),
                            'usual' => (string) round($middle, 4),
                        ],
                    );
                }
            }
        }

        return $problems;
    }

    /** @return array<string, int> designators, `~row` names and values to the row of their line */
    private function names(PartsList $list): array
    {
        $names = [];
        foreach ($list->lines as $line) {
            foreach ($line->names() as $name) {
                $names[mb_strtolower($name)] ??= $line->row;
            }
        }

        return $names;
    }

    private function number(string $text): ?float
    {
        $text = str_replace(',', '.', $text);

        return is_numeric($text) && is_finite((float) $text) ? (float) $text : null;
    }

    /** @param array<string, string> $args */
    private static function problem(
        ProblemSeverity $severity,
        string $code,
        Table $table,
        Row $row,
        string $column,
        array $args,
    ): Problem {
        return new Problem($severity, $code, $args, $table->file, $row->number, $column);
    }
}
