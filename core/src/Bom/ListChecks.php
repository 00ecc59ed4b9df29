<?php

declare(strict_types=1);

namespace Chiralex\Bom;

use Chiralex\Quantity\Rating;
use Chiralex\Quantity\RatingUnit;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;

/** What a whole list says that a single row cannot: gaps in the numbering, one part on two lines. */
final readonly class ListChecks
{
    /**
     * @param list<Line> $lines
     * @return list<Problem>
     */
    public function problems(array $lines, string $file): array
    {
        return [
            ...$this->gaps($lines, $file),
            ...$this->samePart($lines, $file),
            ...$this->bareRows($lines, $file),
            ...$this->contradictions($lines, $file),
        ];
    }

    /**
     * @param list<Line> $lines
     * @return list<Problem>
     */
    private function gaps(array $lines, string $file): array
    {
        $numbers = [];
        foreach ($lines as $line) {
            foreach ($line->designators as $name) {
                if (preg_match('~^([A-Za-z_]+)(\d{1,5})$~', $name, $found) === 1) {
                    $numbers[$found[1]][(int) $found[2]] = true;
                }
            }
        }
        $problems = [];
        foreach ($numbers as $prefix => $used) {
            $missing = [];
            $highest = max(array_keys($used));
            if ($highest > 3 * count($used) + 10) {
                continue;
            }
            for ($i = min(array_keys($used)); $i < $highest; ++$i) {
                if (!isset($used[$i])) {
                    $missing[] = $prefix . $i;
                }
            }
            if ($missing !== []) {
                $problems[] = new Problem(ProblemSeverity::Note, 'bom.gap', ['designators' => $missing], $file);
            }
        }

        return $problems;
    }

    /**
     * @param list<Line> $lines
     * @return list<Problem>
     */
    private function samePart(array $lines, string $file): array
    {
        $rows = [];
        foreach ($lines as $line) {
            if ($line->cells->value === '' || !Designators::isNamed($line->designators[0] ?? '')) {
                continue;
            }
            $key = implode('|', [
                Designators::prefix($line->designators[0]),
                mb_strtolower((string) preg_replace('~\s+~u', '', $line->cells->value)),
                mb_strtolower($line->cells->package),
                mb_strtolower($line->cells->description),
                $line->supply->value,
            ]);
            $rows[$key][] = $line;
        }
        $problems = [];
        foreach ($rows as $same) {
            $last = $same[count($same) - 1];
            if (count($same) === 2) {
                $problems[] = new Problem(
                    ProblemSeverity::Note,
                    'bom.same-part',
                    ['value' => $last->cells->value, 'earlier' => $same[0]->row],
                    $file,
                    $last->row,
                );
            } elseif (count($same) > 2) {
                $problems[] = new Problem(
                    ProblemSeverity::Note,
                    'bom.same-part-rows',
                    [
                        'value' => $last->cells->value,
                        'rows' => array_map(static fn(Line $line): string => (string) $line->row, $same),
                    ],
                    $file,
                    $last->row,
                );
            }
        }

        return $problems;
    }

    /**
     * A row of nothing but designators: usually cells merged with the row above, or forgotten.
     *
     * @param list<Line> $lines
     * @return list<Problem>
     */
    private function bareRows(array $lines, string $file): array
    {
        $problems = [];
        $above = null;
        foreach ($lines as $line) {
            if (
                $line->supply->isOnBoard() &&
                "{$line->cells->value}{$line->cells->package}{$line->cells->description}{$line->cells->kind}" === ''
            ) {
                $problems[] =
                    $above === null
                        ? new Problem(
                            ProblemSeverity::Warning,
                            'bom.bare-row',
                            ['designators' => $line->designators],
                            $file,
                            $line->row,
                        )
                        : new Problem(
                            ProblemSeverity::Warning,
                            'bom.merged-row',
                            [
                                'designators' => $line->designators,
                                'earlier' => $above->row,
                                'value' => $above->cells->value,
                            ],
                            $file,
                            $line->row,
                        );
            } else {
                $above = $line;
            }
        }

        return $problems;
    }

    /**
     * One row that gives a tolerance, a voltage or a rating twice, and differently.
     *
     * @param list<Line> $lines
     * @return list<Problem>
     */
    private function contradictions(array $lines, string $file): array
    {
        $problems = [];
        foreach ($lines as $line) {
            foreach (RatingUnit::cases() as $unit) {
                $said = array_values(
                    array_filter([
                        Rating::find($line->cells->value, $unit),
                        Rating::find($line->cells->description, $unit),
                        $unit === RatingUnit::Percent ? $this->percent($line->cells->tolerance) : null,
                    ]),
                );
                $first = $said[0] ?? null;
                foreach (array_slice($said, 1) as $other) {
                    if ($first !== null && !$other->amount->isEqualTo($first->amount)) {
                        $problems[] = new Problem(
                            ProblemSeverity::Warning,
                            'bom.contradiction',
                            [
                                'designators' => $line->designators,
                                'one' => $first->display(),
                                'other' => $other->display(),
                            ],
                            $file,
                            $line->row,
                        );
                        break;
                    }
                }
            }
        }

        return $problems;
    }

    private function percent(string $text): ?Rating
    {
        return Rating::find(ctype_digit($text) ? "{$text}%" : $text, RatingUnit::Percent);
    }
}
