<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Bom\Designators;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Reads what the maker wrote for figures that contradict each other, and for names and counts that the parts list does not know. */
final readonly class ProseMatters implements MatterSource
{
    /** By definition since 1959: an inch is 25.4 mm. */
    private const INCH = 25.4;
    /** Rounded figures may differ by this much. */
    private const ROUNDING = 0.06;
    private const NUMBERS = [
        'two' => 2,
        'three' => 3,
        'four' => 4,
        'five' => 5,
        'six' => 6,
        'seven' => 7,
        'eight' => 8,
        'nine' => 9,
        'ten' => 10,
        'twelve' => 12,
    ];
    private const COUNTED = [
        'resistor' => 'resistor',
        'led' => 'led',
        'diode' => 'diode',
        'transistor' => 'transistor',
        'electrolytic' => 'electrolytic',
        'trimmer' => 'trimmer',
        'relay' => 'relay',
        'screw' => 'screw',
        'standoff' => 'standoff',
    ];

    public function matters(Subject $subject): array
    {
        $matters = [];
        foreach ($this->texts($subject->kit) as $where => $text) {
            array_push(
                $matters,
                ...$this->lengths($where, $text),
                ...$this->watts($where, $text),
                ...$this->names($where, $text, $subject->kit),
                ...$this->counts($where, $text, $subject->kit),
            );
        }

        return $matters;
    }

    /** @return array<string, string> where it stands to the text */
    private function texts(Kit $kit): array
    {
        $texts = $kit->choices->words;
        foreach ($kit->logs->oldTexts as $old) {
            $texts += $old->isDone ? [] : ["{$old->file}, paragraph {$old->number}" => $old->text];
        }
        foreach ($kit->work->tests as $test) {
            $texts["test {$test->name}"] = $test->otherwise;
        }
        foreach ($kit->work->wires as $wire) {
            $texts[Verb::Wire->of($wire->name)] = $wire->relief;
        }
        foreach ($kit->parts as $part) {
            $texts["note of {$part->designator}"] = $part->line->cells->note;
        }

        return array_filter($texts, static fn(string $text): bool => trim($text) !== '');
    }

    /** @return list<Matter> one length given in inch and in mm */
    private function lengths(string $where, string $text): array
    {
        $matters = [];
        preg_match_all(
            '~(\d+(?:[.,]\d+)?)\s*(?:in(?:ch(?:es)?)?|")\s*(?:\(|/|,|=|or|and)*\s*(\d+(?:[.,]\d+)?)\s*mm~iu',
            $text,
            $found,
            PREG_SET_ORDER,
        );
        foreach ($found as [$said, $inch, $mm]) {
            [$a, $b] = [self::number($inch) * self::INCH, self::number($mm)];
            if (abs($a - $b) > self::ROUNDING * max($a, $b)) {
                $matters[] = new Matter(MatterSeverity::Warn, Station::Manual, 'manual.units-differ', [
                    'where' => $where,
                    'text' => trim($said),
                    'inch' => $inch,
                    'mm' => round($a, 1),
                ]);
            }
        }

        return $matters;
    }

    /** @return list<Matter> volts by amperes against the watts said beside them */
    private function watts(string $where, string $text): array
    {
        $matters = [];
        preg_match_all(
            '~(\d+(?:[.,]\d+)?)\s*V\s*(?:at|x|by|,|and|/|\x{00D7})?\s*(\d+(?:[.,]\d+)?)\s*(m?)A\b[^.\d]{0,20}(\d+(?:[.,]\d+)?)\s*W\b~u',
            $text,
            $found,
            PREG_SET_ORDER,
        );
        foreach ($found as [$said, $volts, $amps, $milli, $watts]) {
            $product = (self::number($volts) * self::number($amps)) / ($milli === '' ? 1.0 : 1000.0);
            if (abs($product - self::number($watts)) > self::ROUNDING * max($product, self::number($watts))) {
                $matters[] = new Matter(MatterSeverity::Warn, Station::Manual, 'manual.watts-differ', [
                    'where' => $where,
                    'text' => trim($said),
                    'watts' => round($product, 3),
                ]);
            }
        }

        return $matters;
    }

    /** @return list<Matter> designators that look like those of the kit and are none */
    private function names(string $where, string $text, Kit $kit): array
    {
        $prefixes = array_flip(
            array_filter(
                array_map(
                    static fn(string|int $name): string => Designators::prefix((string) $name),
                    array_keys($kit->parts),
                ),
                static fn(string $prefix): bool => $prefix !== '',
            ),
        );
        $known = [
            ...array_map(strval(...), array_keys($kit->parts)),
            ...array_map(static fn($wire): string => $wire->name, $kit->work->wires),
        ];
        preg_match_all('~\b([A-Z]{1,4})(\d{1,4})\b~', $text, $found, PREG_SET_ORDER);
        $strangers = array_values(
            array_unique(
                array_filter(
                    array_map(
                        static fn(array $each): string => isset($prefixes[$each[1]]) &&
                        !in_array($each[0], $known, true)
                            ? $each[0]
                            : '',
                        $found,
                    ),
                    static fn(string $name): bool => $name !== '',
                ),
            ),
        );

        return $strangers === []
            ? []
            : [
                new Matter(
                    MatterSeverity::Warn,
                    Station::Manual,
                    'manual.unknown-designator',
                    ['where' => $where, 'designators' => $strangers],
                    $strangers,
                ),
            ];
    }

    /** @return list<Matter> "all four screws" against the list */
    private function counts(string $where, string $text, Kit $kit): array
    {
        $matters = [];
        preg_match_all(
            '~\b(?:all|the)\s+(\d{1,3}|' .
                implode('|', array_keys(self::NUMBERS)) .
                ')\s+(' .
                implode('|', array_keys(self::COUNTED)) .
                ')s\b~iu',
            $text,
            $found,
            PREG_SET_ORDER,
        );
        foreach ($found as [$said, $count, $word]) {
            $listed = 0;
            foreach ($kit->parts as $part) {
                if ($part->kind()->value === self::COUNTED[strtolower($word)] && $kit->holds($part)) {
                    $listed += !Designators::isNamed($part->designator) ? max(1, $part->line->quantity) : 1;
                }
            }
            if ((self::NUMBERS[strtolower($count)] ?? (int) $count) !== $listed) {
                $matters[] = new Matter(MatterSeverity::Warn, Station::Manual, 'manual.count-differs', [
                    'where' => $where,
                    'text' => $said,
                    'listed' => $listed,
                ]);
            }
        }

        return $matters;
    }

    private static function number(string $text): float
    {
        return (float) str_replace(',', '.', $text);
    }
}
