<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Kit\Kit;
use Chiralex\Kit\PinName;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** One terminal, one name: wires, links and tests of a kit call the lugs of a part by the same words. */
final readonly class TerminalMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $matters = [];
        foreach ($this->terminals($subject->kit) as $designator => $terminals) {
            $pins = $subject->kit->part($designator)->shape->ownPins ?? [];
            foreach ($terminals as $terminal => $where) {
                if ($pins !== [] && !in_array((string) $terminal, $pins, true)) {
                    $matters[] = new Matter(
                        MatterSeverity::Warn,
                        Station::Marks,
                        'marks.terminal-unknown',
                        [
                            'designator' => $designator,
                            'terminal' => (string) $terminal,
                            'where' => $where,
                            'pins' => $pins,
                        ],
                        [$designator],
                    );
                }
            }
            $names = array_map(strval(...), array_keys($terminals));
            $numbers = array_values(array_filter($names, static fn(string $name): bool => ctype_digit($name)));
            $words = array_values(array_diff($names, $numbers));
            if ($pins === [] && $numbers !== [] && $words !== []) {
                $matters[] = new Matter(
                    MatterSeverity::Note,
                    Station::Marks,
                    'marks.terminal-mixed',
                    ['designator' => $designator, 'numbers' => $numbers, 'words' => $words],
                    [$designator],
                );
            }
            array_push($matters, ...$this->spellings($designator, $words));
        }

        return $matters;
    }

    /**
     * @param list<string> $words
     * @return list<Matter> `Tip` and `tip`
     */
    private function spellings(string $designator, array $words): array
    {
        $plain = [];
        foreach ($words as $word) {
            $plain[mb_strtolower(str_replace(['-', '_', ' '], '', $word))][] = $word;
        }

        return array_values(
            array_map(
                static fn(array $same): Matter => new Matter(
                    MatterSeverity::Note,
                    Station::Marks,
                    'marks.terminal-spelling',
                    ['designator' => $designator, 'words' => $same],
                    [$designator],
                ),
                array_filter($plain, static fn(array $same): bool => count($same) > 1),
            ),
        );
    }

    /** @return array<string, array<array-key, string>> designator to terminal to where it is named first */
    private function terminals(Kit $kit): array
    {
        $found = [];
        $take = static function (string $text, string $where) use (&$found, $kit): void {
            $at = PinName::read($text);
            if ($at->pin !== '' && $kit->part($at->part) !== null) {
                $found[$at->part][$at->pin] ??= $where;
            }
        };
        foreach ($kit->work->wires as $wire) {
            $take($wire->from, $wire->name);
            $take($wire->to, $wire->name);
        }
        foreach ($kit->work->tests as $test) {
            foreach ($test->points as $point) {
                $take($point, $test->name);
            }
        }
        foreach ($kit->work->gates as $gate) {
            foreach ($gate->temporary as $fit) {
                foreach ($fit->link as $end) {
                    $take($end, $gate->name);
                }
            }
        }

        return $found;
    }
}
