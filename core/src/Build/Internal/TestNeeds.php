<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Kit\Kit;
use Chiralex\Kit\PinName;
use Chiralex\Kit\PowerIn;
use Chiralex\Kit\Test;
use Chiralex\Kit\Wire;

/**
 * What a test reads or works with: the parts of its formula, its points, what it says to check, with power on the way power
 * comes in, and the wires and connectors between them.
 */
final readonly class TestNeeds
{
    private PowerIn $power;

    public function __construct(private Kit $kit)
    {
        $this->power = PowerIn::of($kit);
    }

    /** @return array<string, string> designator or wire to why: `formula`, `point`, `otherwise`, `power`, `joins` */
    public function of(Test $test): array
    {
        $needs = [];
        foreach ($test->points as $point) {
            $needs[PinName::read($point)->part] = 'point';
        }
        $needs += array_fill_keys($this->named($test->expect), 'formula');
        if ($test->adjusts !== null) {
            $needs += [$test->adjusts => 'point'];
        }
        $needs += array_fill_keys($this->named($test->otherwise), 'otherwise');
        if ($test->power === 'on') {
            $needs += array_fill_keys([...$this->power->parts, ...$this->power->wires], 'power');
        }

        return $needs + array_fill_keys($this->joining($needs), 'joins');
    }

    /** @return list<string> designators and wires that a text names */
    private function named(string $text): array
    {
        preg_match_all('~\p{L}+\d+[A-Za-z]?~u', $text, $found);
        $wires = array_map(static fn(Wire $wire): string => $wire->name, $this->kit->work->wires);

        return array_values(
            array_filter(
                array_unique($found[0]),
                fn(string $name): bool => $this->kit->part($name) !== null || in_array($name, $wires, true),
            ),
        );
    }

    /**
     * Wires that end at a needed part off the boards, and those that join the boards the needed parts stand on.
     *
     * @param array<string, string> $needs
     * @return list<string>
     */
    private function joining(array $needs): array
    {
        $boards = [];
        foreach ([...array_map(strval(...), array_keys($needs)), ...$this->power->parts] as $name) {
            $boards[$this->board($name)] = true;
        }
        $joining = [];
        foreach ($this->kit->work->wires as $wire) {
            [$from, $to] = array_map(static fn(PinName $end): string => $end->part, $wire->ends());
            foreach ([[$from, $to], [$to, $from]] as [$here, $there]) {
                $wanted = isset($needs[$here]) && $this->board($here) === '' && $this->kit->part($there) !== null;
                $between =
                    $this->board($here) !== $this->board($there) &&
                    $this->board($here) !== '' &&
                    $this->board($there) !== '' &&
                    isset($boards[$this->board($here)], $boards[$this->board($there)]);
                if ($wanted || $between) {
                    $joining[$wire->name] = true;
                }
            }
        }
        foreach (Mates::of($this->kit) as $mate) {
            [$one, $other] = $mate->parts;
            if (
                $this->board($one) !== $this->board($other) &&
                isset($boards[$this->board($one)], $boards[$this->board($other)])
            ) {
                $joining += [$one => true, $other => true];
            }
        }

        return array_map(strval(...), array_keys($joining));
    }

    /** The board a part stands on, empty off the boards. */
    private function board(string $name): string
    {
        $part = $this->kit->part($name);

        return $part === null || $part->place->inCase ? '' : $part->place->placement->board ?? '';
    }
}
