<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What the maker declares of the circuit: voltages across parts, what empties a capacitor, what clamps and drives what. */
final readonly class Circuit
{
    /**
     * @param array<string, string> $across designator to the voltage across it, as a sum: `9 V - 2 V`
     * @param array<string, string> $bleeders capacitor to the resistor across it
     * @param array<string, string> $clamps diode to the coil it clamps
     * @param array<string, string> $drivers part to what drives it
     * @param array<string, string> $series adjuster to the resistor between its end and a supply or ground
     * @param list<string> $fromNets what the nets say and nobody typed, `clamps D5`
     */
    public function __construct(
        public array $across = [],
        public array $bleeders = [],
        public array $clamps = [],
        public array $drivers = [],
        public array $series = [],
        public array $fromNets = [],
    ) {}

    /** What the nets say where the maker says nothing. */
    public function completedBy(self $derived): self
    {
        $fromNets = [];
        foreach (['across', 'bleeders', 'clamps', 'drivers', 'series'] as $field) {
            foreach (array_keys(array_diff_key($derived->{$field}, $this->{$field})) as $name) {
                $fromNets[] = "{$field} {$name}";
            }
        }

        return new self(
            $this->across + $derived->across,
            $this->bleeders + $derived->bleeders,
            $this->clamps + $derived->clamps,
            $this->drivers + $derived->drivers,
            $this->series + $derived->series,
            $fromNets,
        );
    }

    /** @param string $field `clamps` */
    public function isFromNets(string $field, string $name): bool
    {
        return in_array("{$field} {$name}", $this->fromNets, true);
    }

    /** Volts across a part; null where nothing is declared, or where the text is no voltage. */
    public function volts(string $designator): ?float
    {
        return isset($this->across[$designator]) ? VoltageSum::of($this->across[$designator]) : null;
    }

    /** @return list<string> every designator it names */
    public function names(): array
    {
        $names = [];
        foreach ([$this->across, $this->bleeders, $this->clamps, $this->drivers] as $field) {
            array_push($names, ...array_map(strval(...), array_keys($field)));
        }

        return array_values(
            array_unique([
                ...$names,
                ...array_values($this->bleeders),
                ...array_values($this->clamps),
                ...array_values($this->drivers),
            ]),
        );
    }

    /**
     * What goes with a clamping diode that was reversed or left out: the driver of its coil, what drives that, and so on.
     * Common practice: driver transistor first, then its chip, then the replacement chip.
     *
     * @return list<string> the diode first; empty where it clamps nothing, or where nothing is said to drive the coil
     */
    public function goesWith(string $diode): array
    {
        $at = $this->clamps[$diode] ?? null;
        $chain = [];
        while ($at !== null && isset($this->drivers[$at]) && !in_array($this->drivers[$at], $chain, true)) {
            $at = $this->drivers[$at];
            $chain[] = $at;
        }

        return $chain === [] ? [] : [$diode, ...$chain];
    }
}
