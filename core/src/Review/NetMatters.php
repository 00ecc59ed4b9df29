<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Board\Net\Nets;
use Chiralex\Kit\DerivedCircuit;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\NetVolts;
use Chiralex\Part\Kind;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Where the nets of the board disagree with the parts list, the packages, or what the maker typed. */
final readonly class NetMatters implements MatterSource
{
    /** Places this near are one, millimetres. */
    private const SPOT = 0.6;

    public function matters(Subject $subject): array
    {
        $kit = $subject->kit;
        $nets = $kit->findings->drawn->nets;

        return $nets->all === []
            ? []
            : [
                ...$this->strangers($kit, $nets),
                ...$this->unnamed($kit, $nets),
                ...$this->pins($kit, $nets),
                ...$this->reversed($kit, $nets),
                ...$this->turned($kit),
                ...$this->clamps($kit, $nets),
            ];
    }

    /** @return list<Matter> parts of the nets that no list has */
    private function strangers(Kit $kit, Nets $nets): array
    {
        $names = array_values(
            array_filter($nets->parts(), static fn(string $name): bool => $kit->part($name) === null),
        );
        // Test points and mounting holes are no parts of a list.
        $names = array_values(
            array_filter(
                $names,
                static fn(string $name): bool => preg_match('~^(?:TP|MH|H|FID|VIA)\d*$~i', $name) !== 1,
            ),
        );

        return $names === [] ? [] : [self::matter('board.net-stranger', ['designators' => $names], $names)];
    }

    /** @return list<Matter> soldered parts that no net names */
    private function unnamed(Kit $kit, Nets $nets): array
    {
        $known = array_flip($nets->parts());
        $boards = [];
        foreach ($nets->parts() as $name) {
            $boards[$kit->part($name)?->place->placement->board ?? ''] = true;
        }
        // An IC stands for its socket, and a board without any net is left alone.
        foreach ($kit->parts as $name => $part) {
            $known += $part->place->socket !== null && isset($known[$name]) ? [$part->place->socket => true] : [];
        }
        $names = [];
        foreach ($kit->parts as $name => $part) {
            $isHere = $part->isSoldered() && isset($boards[$part->place->body->face->board ?? '-']);
            if ($isHere && !isset($known[$name]) && self::joins($part)) {
                $names[] = (string) $name;
            }
        }

        return $names === []
            ? []
            : [self::matter('board.net-missing', ['designators' => $names], $names, MatterSeverity::Note)];
    }

    /** @return list<Matter> pins that a package does not have */
    private function pins(Kit $kit, Nets $nets): array
    {
        $matters = [];
        foreach ($nets->parts() as $name) {
            $part = $kit->part($name);
            $own = array_map(strval(...), array_keys($part->shape->outline->pins ?? []));
            $told = array_map(strval(...), array_keys($nets->ofPart($name)));
            $isNumbered = $own !== [] && preg_grep('~^\d+$~', [...$own, ...$told], PREG_GREP_INVERT) === [];
            $beyond = array_values(array_diff($told, $own));
            if ($part !== null && $isNumbered && $beyond !== []) {
                $matters[] = self::matter(
                    'board.net-pin',
                    [
                        'designator' => $name,
                        'pins' => $beyond,
                        'count' => count($own),
                        'outline' => $part->shape->outline->name,
                    ],
                    [$name],
                );
            }
        }

        return $matters;
    }

    /** @return list<Matter> capacitors whose plus lies lower than their minus */
    private function reversed(Kit $kit, Nets $nets): array
    {
        $matters = [];
        foreach ($kit->parts as $name => $part) {
            $plus = $nets->at((string) $name, '1');
            $minus = $nets->at((string) $name, '2');
            if (
                $plus === null ||
                $minus === null ||
                !in_array($part->kind(), [Kind::Electrolytic, Kind::Tantalum], true)
            ) {
                continue;
            }
            $high = NetVolts::of($plus, $kit->nature->power);
            $low = NetVolts::of($minus, $kit->nature->power);
            if ($high !== null && $low !== null && $high < $low) {
                $matters[] = self::matter(
                    'board.net-reversed',
                    ['designator' => (string) $name, 'plus' => $plus, 'minus' => $minus],
                    [(string) $name],
                );
            }
        }

        return $matters;
    }

    /** @return list<Matter> parts whose pins the net list puts the other way round than the places do */
    private function turned(Kit $kit): array
    {
        $turned = [];
        $same = 0;
        foreach ($kit->bodies() as $name => $body) {
            $spots = $kit->findings->drawn->spots->spots[$name] ?? [];
            [$first, $last] = [array_key_first($body->pins), array_key_last($body->pins)];
            if (count($body->pins) < 2 || !isset($spots[$first], $spots[$last])) {
                continue;
            }
            $own = $body->pins[$first];
            if ($own->distanceTo($spots[$first]) <= self::SPOT) {
                ++$same;
            } elseif (
                $own->distanceTo($spots[$last]) <= self::SPOT &&
                $body->pins[$last]->distanceTo($spots[$first]) <= self::SPOT
            ) {
                $turned[(string) $name] = $kit->part((string) $name)?->direction->polarised === true;
            }
        }

        // Where most disagree, the two files number or count otherwise; where a part has no direction, nothing hangs on it.
        return $same <= count($turned)
            ? []
            : array_map(
                static fn(string|int $name): Matter => self::matter(
                    'board.net-turned',
                    ['designator' => (string) $name],
                    [(string) $name],
                ),
                array_keys(array_filter($turned)),
            );
    }

    /** @return list<Matter> clamps that the maker typed and the nets have not */
    private function clamps(Kit $kit, Nets $nets): array
    {
        $derived = array_map(
            static fn(array $pair): string => implode(' ', $pair),
            DerivedCircuit::of($kit, $nets)->clamps,
        );
        $matters = [];
        foreach ($kit->nature->circuit->clamps as $diode => $coil) {
            $isTyped = !$kit->nature->circuit->isFromNets('clamps', (string) $diode);
            $isKnown = $nets->ofPart((string) $diode) !== [] && $nets->ofPart($coil) !== [];
            if ($isTyped && $isKnown && !in_array("{$diode} {$coil}", $derived, true)) {
                $matters[] = self::matter(
                    'board.net-no-clamp',
                    ['designator' => (string) $diode, 'coil' => $coil],
                    [(string) $diode, $coil],
                );
            }
        }

        return $matters;
    }

    /** Hardware and bare wires have no pin that a net would name. */
    private static function joins(KitPart $part): bool
    {
        return $part->shape->outline->pins !== [] && !in_array($part->kind(), [Kind::HeatSink, Kind::Link], true);
    }

    /**
     * @param array<string, string|int|list<string>> $args
     * @param list<string> $designators
     */
    private static function matter(
        string $code,
        array $args,
        array $designators,
        MatterSeverity $severity = MatterSeverity::Warn,
    ): Matter {
        return new Matter($severity, Station::Board, $code, $args, $designators);
    }
}
