<?php

declare(strict_types=1);

namespace Chiralex\Bagging;

use Chiralex\Board\Point;
use Chiralex\Bom\Designators;
use Chiralex\Kit\KitPart;
use Chiralex\Part\LeadStyle;
use Chiralex\Part\Role;

/** A place for every part of a kit, bag by bag, at its true size: the builder sorts on it, and the packer's first kit of a run is laid out on it. */
final readonly class SortingMat
{
    /** Larger bodies get a line of words instead of a place, millimetres. */
    public const LARGEST = 60.0;

    /** @return list<MatCell> in the order of the bags, within a bag by designator */
    public static function cells(BagPlan $plan): array
    {
        $cells = [];
        foreach ($plan->bags as $bag) {
            $here = [];
            foreach ($bag->items as $item) {
                if ($item->length !== null) {
                    continue;
                }
                if (!Designators::isNamed($item->designators[0]) || count($item->designators) < $item->quantity) {
                    $here[] = self::cell($item->part, '', $bag->name, $item->quantity);
                    continue;
                }
                foreach ($item->designators as $name) {
                    $here[] = self::cell($item->part, $name, $bag->name, 1);
                }
            }
            usort(
                $here,
                static fn(MatCell $a, MatCell $b): int => Designators::compare($a->designator, $b->designator),
            );
            array_push($cells, ...$here);
        }

        return $cells;
    }

    private static function cell(KitPart $part, string $name, string $bag, int $quantity): MatCell
    {
        $outline = $part->shape->outline;

        return new MatCell(
            $name,
            $bag,
            $quantity,
            $part,
            $outline->along,
            $outline->across,
            $outline->leads->style === LeadStyle::AxialWire ? self::span($part) : null,
            $part->row->is(Role::Measured),
        );
    }

    /** Millimetres between the two holes: of its place on the board, else of its outline. */
    private static function span(KitPart $part): ?float
    {
        $pins =
            $part->place->body === null
                ? array_map(static fn(array $pin): Point => new Point($pin[0], $pin[1]), $part->shape->outline->pins)
                : $part->place->body->pins;
        $ends = array_values($pins);

        return count($ends) === 2 ? round(hypot($ends[1]->x - $ends[0]->x, $ends[1]->y - $ends[0]->y), 2) : null;
    }
}
