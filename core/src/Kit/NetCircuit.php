<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\Net\Nets;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;

/** What the nets say of the circuit, in the shape in which a maker would declare it. */
final readonly class NetCircuit
{
    private function __construct(private Kit $kit, private Nets $nets) {}

    public static function of(Kit $kit): Circuit
    {
        $nets = $kit->findings->drawn->nets;
        $self = new self($kit, $nets);
        $derived = DerivedCircuit::of($kit, $nets);
        $series = [];
        foreach ($derived->series as [$adjuster, $resistor]) {
            $series[$adjuster] ??= $resistor;
        }

        return new Circuit(
            $self->across($series),
            $self->bleeders(),
            array_column($derived->clamps, 1, 0),
            $self->drivers($derived),
            $series,
        );
    }

    /**
     * Parts between two nets whose volts are known.
     *
     * @param array<string, string> $series
     * @return array<string, string>
     */
    private function across(array $series): array
    {
        $across = [];
        foreach ($this->kit->parts as $name => $part) {
            $ends = $this->ends((string) $name);
            $volts = $ends === null ? null : $this->between(...$ends);
            if (isset($series[$name])) {
                $volts = $this->behind($part, $series[$name]);
            }
            if ($volts !== null && abs($volts) > 1e-9) {
                $across[(string) $name] = rtrim(rtrim(sprintf('%.2f', abs($volts)), '0'), '.') . ' V';
            }
        }

        return $across;
    }

    /** Volts across an adjuster behind a resistor, both between two nets whose volts are known, with nothing else between them. */
    private function behind(KitPart $adjuster, string $resistor): ?float
    {
        $pins = $this->nets->ofPart($adjuster->designator);
        $two = array_values($this->nets->ofPart($resistor));
        [$one, $three] = [$pins['1'] ?? '', $pins['3'] ?? ''];
        foreach ([[$one, $three], [$three, $one]] as [$middle, $far]) {
            $outer = $two[0] === $middle ? $two[1] ?? '' : $two[0] ?? '';
            $volts = in_array($middle, $two, true) ? $this->between($outer, $far) : null;
            $ohms = [self::ohms($adjuster), self::ohms($this->kit->part($resistor))];
            if ($volts !== null && min($ohms) > 0.0 && $this->joinsTwo($middle)) {
                return ($volts * $ohms[0]) / ($ohms[0] + $ohms[1]);
            }
        }

        return null;
    }

    private function joinsTwo(string $net): bool
    {
        return count($this->nets->partsOn($net)) === 2;
    }

    private static function ohms(?KitPart $part): float
    {
        return $part?->recognition->amount() ?? 0.0;
    }

    /** @return array<string, string> capacitor to the resistor that lies across it */
    private function bleeders(): array
    {
        $resistors = $bleeders = [];
        foreach ($this->kit->parts as $name => $part) {
            $ends = $this->ends((string) $name);
            if ($ends !== null && $part->kind() === Kind::Resistor && $part->supply->isOnBoard()) {
                sort($ends);
                $resistors[implode("\0", $ends)] ??= (string) $name;
            }
        }
        foreach ($this->kit->parts as $name => $part) {
            $ends = $this->ends((string) $name) ?? [];
            sort($ends);
            $across = $resistors[implode("\0", $ends)] ?? null;
            $isCapacitor = in_array(
                $part->kind(),
                [Kind::Electrolytic, Kind::Film, Kind::Ceramic, Kind::Tantalum],
                true,
            );
            if ($across !== null && $isCapacitor) {
                $bleeders[(string) $name] = $across;
            }
        }

        return $bleeders;
    }

    /**
     * What drives each coil, and the chip behind each driving transistor: on its base, or one resistor from it.
     *
     * @return array<string, string>
     */
    private function drivers(DerivedCircuit $derived): array
    {
        $drivers = [];
        foreach ($derived->drivers as [$driver, $coil]) {
            $drivers[$coil] ??= $driver;
        }
        foreach (array_unique(array_values($drivers)) as $driver) {
            $chip =
                $this->kit->part($driver)?->kind() === Kind::Transistor ? $this->chipBefore($driver, $drivers) : null;
            if ($chip !== null) {
                $drivers[$driver] = $chip;
            }
        }

        return $drivers;
    }

    /** @param array<string, string> $drivers */
    private function chipBefore(string $transistor, array $drivers): ?string
    {
        $coil = (string) array_search($transistor, $drivers, true);
        $open = array_filter(
            array_diff($this->nets->ofPart($transistor), $this->nets->ofPart($coil)),
            static fn(string $net): bool => !Nets::isSupply($net) && !Nets::isGround($net),
        );
        foreach ($open as $base) {
            $reached = [$base];
            foreach ($this->on($base, Kind::Resistor) as $resistor) {
                array_push($reached, ...array_values($this->nets->ofPart($resistor)));
            }
            foreach (array_unique($reached) as $net) {
                $chips = Nets::isSupply($net) || Nets::isGround($net) ? [] : $this->on($net, Kind::Ic);
                if ($chips !== []) {
                    return $chips[0];
                }
            }
        }

        return null;
    }

    /** @return list<string> parts of a kind on a net */
    private function on(string $net, Kind $kind): array
    {
        $isOne = fn(string $name): bool => $this->kit->part($name)?->kind() === $kind;

        return array_values(array_filter($this->nets->partsOn($net), $isOne));
    }

    private function between(string $one, string $other): ?float
    {
        [$a, $b] = [NetVolts::of($one, $this->kit->nature->power), NetVolts::of($other, $this->kit->nature->power)];

        return $a === null || $b === null ? null : $a - $b;
    }

    /** @return ?array{string, string} nets of the two ends of a part, of an adjuster those of its track; null for any other */
    private function ends(string $name): ?array
    {
        $pins = $this->nets->ofPart($name);
        $isAdjuster = $this->kit->part($name)?->row->is(Role::Adjusts) === true;
        $ends = $isAdjuster ? array_diff([$pins['1'] ?? '', $pins['3'] ?? ''], ['']) : $pins;

        return count($ends) === 2 ? [array_values($ends)[0], array_values($ends)[1]] : null;
    }
}
