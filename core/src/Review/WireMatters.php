<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Board\PlacedBody;
use Chiralex\Bom\Provision;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Wire;
use Chiralex\Part\Role;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Wires are parts with a direction: ends that can be swapped differ in colour, every terminal has its wire, a ribbon says which face looks up. */
final readonly class WireMatters implements MatterSource
{
    /** A wire is cut a tenth longer than the way is; common practice, no source. */
    private const SLACK = 1.1;

    public function matters(Subject $subject): array
    {
        $kit = $subject->kit;

        return [
            ...$this->colours($kit),
            ...$this->ends($kit),
            ...$this->ribbons($kit),
            ...$this->unwired($kit),
            ...$this->short($kit),
        ];
    }

    /** @return list<Matter> */
    private function colours(Kit $kit): array
    {
        $matters = [];
        foreach ($kit->work->wires as $index => $wire) {
            foreach (array_slice($kit->work->wires, $index + 1) as $other) {
                $shared = array_values(array_intersect(self::parts($wire), self::parts($other)));
                if (
                    $wire->colour !== '' &&
                    mb_strtolower($wire->colour) === mb_strtolower($other->colour) &&
                    $shared !== []
                ) {
                    $matters[] = new Matter(
                        MatterSeverity::Warn,
                        Station::Marks,
                        'marks.wires-alike',
                        [
                            'these' => $wire->name,
                            'those' => $other->name,
                            'colour' => $wire->colour,
                            'parts' => $shared,
                        ],
                        [$wire->name, $other->name],
                    );
                }
            }
        }

        return $matters;
    }

    /** @return list<Matter> wires that do not reach, or only just, between two places of one board */
    private function short(Kit $kit): array
    {
        $matters = [];
        foreach ($kit->work->wires as $wire) {
            [$from, $to] = array_map(
                static fn(string $part): ?PlacedBody => $kit->part($part)?->place->body,
                self::parts($wire) + ['', ''],
            );
            if ($wire->length === null || $from === null || $to === null || $from->face->board !== $to->face->board) {
                continue;
            }
            $apart = hypot($to->centre->x - $from->centre->x, $to->centre->y - $from->centre->y);
            $needed = round($apart * self::SLACK, 6);
            if ($wire->length < $needed) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Marks,
                    'marks.wire-short',
                    [
                        'wire' => $wire->name,
                        'mm' => round($wire->length, 1),
                        'needed' => (int) ceil($needed),
                    ],
                    [$wire->name],
                );
            }
        }

        return $matters;
    }

    /** @return list<Matter> wires without a colour, and ends at parts that are nowhere */
    private function ends(Kit $kit): array
    {
        $matters = [];
        foreach ($kit->work->wires as $wire) {
            if ($wire->colour === '') {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Marks,
                    'marks.wire-colour',
                    ['wire' => $wire->name],
                    [$wire->name],
                );
            }
            foreach (self::parts($wire) as $part) {
                if ($kit->part($part) === null) {
                    $matters[] = new Matter(
                        MatterSeverity::Warn,
                        Station::Marks,
                        'marks.wire-end',
                        ['wire' => $wire->name, 'part' => $part],
                        [$wire->name],
                    );
                }
            }
        }

        return $matters;
    }

    /** @return list<Matter> */
    private function ribbons(Kit $kit): array
    {
        $open = array_filter(
            $kit->work->wires,
            static fn(Wire $wire): bool => self::isRibbon($wire) && $wire->face === null,
        );

        return array_values(
            array_map(
                static fn(Wire $wire): Matter => new Matter(
                    MatterSeverity::Warn,
                    Station::Marks,
                    'marks.ribbon-face',
                    ['wire' => $wire->name],
                    [$wire->name],
                ),
                $open,
            ),
        );
    }

    /** @return list<Matter> parts off the board without a wire, and terminals without one beside others that have one */
    private function unwired(Kit $kit): array
    {
        $wired = $ribbons = [];
        foreach ($kit->work->wires as $wire) {
            foreach ($wire->ends() as $end) {
                $wired[$end->part][] = $end->pin;
                $ribbons[$end->part] = ($ribbons[$end->part] ?? false) || self::isRibbon($wire);
            }
        }
        $matters = [];
        foreach ($kit->parts as $part) {
            $name = $part->designator;
            if (
                !isset($wired[$name]) &&
                $kit->work->wires !== [] &&
                ($part->supply === Provision::Loose || $part->place->inCase) &&
                $part->row->is(Role::NeedsWires)
            ) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Marks,
                    'marks.part-unwired',
                    ['designator' => $name],
                    [$name],
                );
            }
            $bare =
                isset($wired[$name]) && !$ribbons[$name]
                    ? array_values(array_diff($this->terminals($part), $wired[$name]))
                    : [];
            if ($bare !== []) {
                $matters[] = new Matter(
                    MatterSeverity::Note,
                    Station::Marks,
                    'marks.terminal-unwired',
                    ['designator' => $name, 'terminals' => $bare],
                    [$name],
                );
            }
        }

        return $matters;
    }

    /** @return list<string> what the maker named; else the pins of what takes wires only */
    private function terminals(KitPart $part): array
    {
        if ($part->shape->ownPins !== []) {
            return $part->shape->ownPins;
        }

        return $part->row->is(Role::TakesWires) ? array_map(strval(...), array_keys($part->shape->outline->pins)) : [];
    }

    private static function isRibbon(Wire $wire): bool
    {
        return str_contains(mb_strtolower($wire->colour), 'ribbon');
    }

    /** @return list<string> */
    private static function parts(Wire $wire): array
    {
        return array_values(array_unique(array_column($wire->ends(), 'part')));
    }
}
