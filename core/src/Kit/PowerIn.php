<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Part\Kind;

/**
 * The way power comes in: the connector or holder whose words say so, the transformer, the block they stand in, and the wires and
 * switches between them and the board.
 */
final readonly class PowerIn
{
    private const WORDS = '~suppl|power|mains|batter|\bdc\b|netz|versorg|strom|aliment|\bpile\b|secteur|voeding|\b\d+(?:[.,]\d+)? ?v\b~u';
    private const ALWAYS = [Kind::BatteryHolder, Kind::BarrelJack, Kind::FuseHolder, Kind::Transformer];
    /** Of these, what no meter is put to from outside. */
    private const INSIDE = [Kind::FuseHolder, Kind::Transformer];
    private const PERHAPS = [Kind::TerminalBlock, Kind::Connector, Kind::PinHeader, Kind::Jack, Kind::BoxHeader];

    /**
     * @param list<string> $parts designators, soldered or in the case
     * @param list<string> $wires names
     */
    private function __construct(public array $parts, public array $wires) {}

    public static function of(Kit $kit): self
    {
        $parts = [];
        foreach ($kit->parts as $name => $part) {
            if ($part->supply->isBuilt() && self::brings($part)) {
                $parts[(string) $name] = true;
            }
        }
        // What stands in one block with the way in is the supply; without it nothing behind it has power.
        foreach ($kit->work->groups->blocks as $members) {
            if (array_intersect_key($parts, array_flip($members)) !== []) {
                $parts += array_fill_keys($members, true);
            }
        }
        $wires = [];
        do {
            $before = count($wires);
            foreach ($kit->work->wires as $wire) {
                [$from, $to] = array_map(static fn($end): string => $end->part, $wire->ends());
                if (isset($wires[$wire->name]) || (!isset($parts[$from]) && !isset($parts[$to]))) {
                    continue;
                }
                $wires[$wire->name] = true;
                foreach ([$from, $to] as $end) {
                    $part = $kit->part($end);
                    if ($part !== null && $part->place->inCase) {
                        $parts[$end] = true;
                    }
                }
            }
        } while (count($wires) > $before);

        return new self(array_map(strval(...), array_keys($parts)), array_map(strval(...), array_keys($wires)));
    }

    private static function brings(KitPart $part): bool
    {
        $text = mb_strtolower("{$part->line->cells->value} {$part->line->cells->description}");

        return in_array($part->kind(), self::ALWAYS, true) ||
            (in_array($part->kind(), self::PERHAPS, true) && preg_match(self::WORDS, $text) === 1);
    }

    /** @return list<string> the two terminals a meter is put to before the first power; empty where they are not told */
    public function terminals(Kit $kit): array
    {
        foreach ($this->parts as $name) {
            $part = $kit->part($name);
            $pins = $part === null ? [] : array_map(strval(...), array_keys($part->shape->outline->pins));
            $pins = $part !== null && $part->shape->ownPins !== [] ? $part->shape->ownPins : $pins;
            if (
                $part !== null &&
                self::brings($part) &&
                !in_array($part->kind(), self::INSIDE, true) &&
                count($pins) >= 2
            ) {
                return ["{$name}.{$pins[0]}", "{$name}.{$pins[1]}"];
            }
        }

        return [];
    }
}
