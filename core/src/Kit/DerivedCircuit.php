<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\Net\Nets;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;

/**
 * What follows from the nets: which diode clamps which coil, what drives it, what stands in series with an adjuster,
 * which block feeds which.
 */
final readonly class DerivedCircuit
{
    /** Coil pins of the cube relay. */
    private const COIL = ['2', '5'];

    /**
     * @param list<array{string, string}> $clamps diode and coil
     * @param list<array{string, string}> $drivers driver and coil
     * @param list<array{string, string}> $series adjuster and resistor
     * @param array<string, list<string>> $feeds block to the blocks it feeds
     */
    private function __construct(
        public array $clamps,
        public array $drivers,
        public array $series,
        public array $feeds,
    ) {}

    public static function of(Kit $kit, Nets $nets): self
    {
        $clamps = $drivers = [];
        foreach (self::coils($kit, $nets) as $coil => $ends) {
            $clamp = null;
            foreach (self::kinds($kit, Kind::Diode, Kind::Rectifier, Kind::Zener) as $diode) {
                $pins = $nets->ofPart($diode);
                $two = array_values(array_unique($pins));
                if (count($two) === 2 && array_diff($two, $ends) === []) {
                    $clamps[] = [$diode, (string) $coil];
                    $clamp ??= $pins;
                }
            }
            $switched = self::switched($ends, $clamp);
            foreach ($switched === null ? [] : self::kinds($kit, Kind::Transistor, Kind::Ic) as $driver) {
                if (in_array($switched, $nets->ofPart($driver), true)) {
                    $drivers[] = [$driver, (string) $coil];
                }
            }
        }

        return new self($clamps, $drivers, self::series($kit, $nets), self::feeds($kit, $nets));
    }

    /** @return array<string, list<string>> coil to its nets */
    private static function coils(Kit $kit, Nets $nets): array
    {
        $coils = [];
        foreach (self::kinds($kit, Kind::Relay, Kind::Inductor) as $name) {
            $pins = $nets->ofPart($name);
            $isCube = $kit->part($name)?->shape->outline->name === 'relay-cube';
            $own = array_intersect_key($pins, array_flip(self::COIL));
            $own = $isCube && count($own) === 2 ? $own : $pins;
            $ends = array_values(array_unique($own));
            if (count($ends) >= 2) {
                $coils[$name] = $ends;
            }
        }

        return $coils;
    }

    /**
     * The end of a coil that is switched: the one that is no supply by its name, else the one at the clamp's anode.
     *
     * @param list<string> $ends
     * @param ?array<array-key, string> $clamp pins of the diode, the first its cathode
     */
    private static function switched(array $ends, ?array $clamp): ?string
    {
        $open = array_values(
            array_filter($ends, static fn(string $net): bool => !Nets::isSupply($net) && !Nets::isGround($net)),
        );
        $cathode = $clamp === null ? null : $clamp['1'] ?? ($clamp['K'] ?? null);

        return count($open) === 1 || count($ends) > 2
            ? $open[0] ?? null
            : array_values(array_diff($ends, [$cathode ?? '']))[0] ?? null;
    }

    /** @return list<array{string, string}> */
    private static function series(Kit $kit, Nets $nets): array
    {
        $series = [];
        foreach ($kit->parts as $name => $part) {
            $pins = $part->row->is(Role::Adjusts) ? $nets->ofPart((string) $name) : [];
            $ends = array_values(array_filter([$pins['1'] ?? null, $pins['3'] ?? null], is_string(...)));
            foreach ($ends === [] ? [] : self::kinds($kit, Kind::Resistor) as $resistor) {
                $two = array_values($nets->ofPart($resistor));
                if (count($two) !== 2) {
                    continue;
                }
                foreach ([$two, array_reverse($two)] as [$here, $there]) {
                    if (in_array($here, $ends, true) && !self::isRail($here) && self::isRail($there)) {
                        $series[] = [(string) $name, $resistor];
                    }
                }
            }
        }

        return $series;
    }

    /** @return array<string, list<string>> the block where a supply net comes from, to the others that it reaches */
    private static function feeds(Kit $kit, Nets $nets): array
    {
        $blockOf = [];
        foreach ($kit->work->groups->blocks as $block => $members) {
            $blockOf += array_fill_keys($members, (string) $block);
        }
        $way = PowerIn::of($kit)->parts;
        $feeds = [];
        foreach ($blockOf === [] ? [] : $nets->all as $net) {
            if (!Nets::isSupply($net->name)) {
                continue;
            }
            $source = null;
            $reached = [];
            foreach ($nets->partsOn($net->name) as $name) {
                $block = $blockOf[$name] ?? null;
                $brings = in_array($name, $way, true) || $kit->part($name)?->kind() === Kind::Regulator;
                $source ??= $brings ? $block : null;
                $reached[] = $block;
            }
            foreach ($source === null ? [] : array_unique(array_filter($reached, is_string(...))) as $block) {
                if ($block !== $source && !in_array($block, $feeds[$source] ?? [], true)) {
                    $feeds[$source][] = $block;
                }
            }
        }

        return $feeds;
    }

    private static function isRail(string $net): bool
    {
        return Nets::isSupply($net) || Nets::isGround($net);
    }

    /** @return list<string> designators of parts of these kinds that are built */
    private static function kinds(Kit $kit, Kind ...$kinds): array
    {
        $names = [];
        foreach ($kit->parts as $name => $part) {
            if (in_array($part->kind(), $kinds, true) && $part->supply->isOnBoard()) {
                $names[] = (string) $name;
            }
        }
        sort($names, SORT_NATURAL);

        return $names;
    }
}
