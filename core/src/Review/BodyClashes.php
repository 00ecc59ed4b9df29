<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Board\Overlap;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Polygon;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;
use Chiralex\Reason\Origin;

/**
 * Finds bodies that want the same room. What may stand in another's outline: a bare wire, an IC in its socket, two
 * that are plugged together or bolted to each other, what its cover closes over, and what is lower than the connector
 * that carries a plugged board.
 */
final readonly class BodyClashes
{
    /** Less than this is the tolerance of bodies, millimetres. */
    private const PLAY = 0.2;
    /** What is gripped, takes wires or has a nut may stand over the edge by this share; common practice, no source. */
    private const USUAL_OVERHANG = 0.6;

    /** So many questions of usual sizes are asked one by one; more are one, for the packages are not known then. */
    public const MOST_ASKED = 8;

    /** @return list<BodyClash> what is drawn: of usual sizes nothing where they are too many to tell anything */
    public function shown(Kit $kit): array
    {
        $all = [...$this->collisions($kit), ...$this->overhangs($kit)];
        $asked = array_filter($all, static fn(BodyClash $each): bool => $each->certainty === 'typical');

        return count($asked) <= self::MOST_ASKED ? $all : array_values(array_diff_key($all, $asked));
    }

    /** @return list<BodyClash> those that collide, in natural order of designators */
    public function collisions(Kit $kit): array
    {
        $bodies = array_values(
            array_filter($kit->bodies(), fn(PlacedBody $body): bool => $this->hasRoom($kit->part($body->designator))),
        );
        $outlines = array_map(static fn(PlacedBody $body): Polygon => $body->footprint(), $bodies);
        $bounds = array_map(static fn(Polygon $outline): array => $outline->bounds(), $outlines);
        // From left to right: only what begins before a body ends can meet it.
        uasort($bounds, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $order = array_keys($bounds);
        $passes = $this->passes($kit);
        $found = [];
        foreach ($order as $at => $index) {
            for ($next = $at + 1; isset($order[$next]) && $bounds[$order[$next]][0] < $bounds[$index][2]; ++$next) {
                $other = $order[$next];
                if ($bounds[$other][1] < $bounds[$index][3] && $bounds[$other][3] > $bounds[$index][1]) {
                    $clash = $this->collision(
                        $kit,
                        $passes,
                        [$bodies[$index], $bodies[$other]],
                        [$outlines[$index], $outlines[$other]],
                    );
                    $found = $clash === null ? $found : [...$found, $clash];
                }
            }
        }
        usort(
            $found,
            static fn(BodyClash $a, BodyClash $b): int => strnatcmp(
                implode(' ', $a->designators),
                implode(' ', $b->designators),
            ),
        );

        return $found;
    }

    /** @return list<BodyClash> those that stand over an edge of their board */
    public function overhangs(Kit $kit): array
    {
        $found = [];
        $off = Origins::off($kit);
        foreach ($kit->bodies() as $name => $body) {
            $part = $kit->part((string) $name);
            $board = $kit->board($body->face->board);
            if ($board === null || !$board->outlineGiven || isset($off[$board->name]) || !$this->hasRoom($part)) {
                continue;
            }
            $footprint = $body->footprint();
            $mm = Overlap::beyond($footprint, $board->outline);
            $isEdgePart =
                $part->row->is(Role::Gripped) || $part->row->is(Role::Nutted) || $part->row->is(Role::TakesWires);
            $usual = $isEdgePart
                ? self::USUAL_OVERHANG * max($body->outline->along, $body->outline->across)
                : self::PLAY;
            if ($mm > $usual + 1e-9) {
                $found[] = $this->clash([$part], $body, $mm, $footprint);
            }
        }

        return $found;
    }

    /**
     * @param array<string, array<string, true>> $passes
     * @param array{PlacedBody, PlacedBody} $pair
     * @param array{Polygon, Polygon} $outlines
     */
    private function collision(Kit $kit, array $passes, array $pair, array $outlines): ?BodyClash
    {
        [$body, $other] = $pair;
        if (
            $body->face->board !== $other->face->board ||
            $body->face->side !== $other->face->side ||
            isset($passes[$body->designator][$other->designator]) ||
            $this->isUnder($kit, $body, $other)
        ) {
            return null;
        }
        $mm = Overlap::depth(...$outlines);
        if ($mm <= self::PLAY + 1e-9) {
            return null;
        }
        $names = [$body->designator, $other->designator];
        usort($names, strnatcmp(...));

        return $this->clash(
            array_values(array_filter(array_map($kit->part(...), $names))),
            $body,
            $mm,
            $outlines[0]->clippedTo($outlines[1]),
        );
    }

    /** True where one is plugged into a connector, the smaller of the pair, and the other is no taller than it. */
    private function isUnder(Kit $kit, PlacedBody $body, PlacedBody $other): bool
    {
        foreach ($kit->work->groups->mates as $pair) {
            $mates = array_values(array_filter(array_map($kit->part(...), $pair)));
            usort(
                $mates,
                static fn(KitPart $a, KitPart $b): int => $a->shape->outline->area() <=> $b->shape->outline->area(),
            );
            foreach (count($mates) === 2 ? [[$body, $other], [$other, $body]] : [] as [$upper, $lower]) {
                if ($upper->designator === $mates[1]->designator && $lower->height <= $mates[0]->shape->height + 1e-9) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @phpstan-assert-if-true !null $part */
    private function hasRoom(?KitPart $part): bool
    {
        return $part !== null &&
            $part->kind() !== Kind::Link &&
            !$part->row->is(Role::Fastener) &&
            $part->supply->isBuilt() &&
            $part->row->body->outline !== 'none';
    }

    /** @return array<string, array<string, true>> pairs that may share their room, both ways */
    private function passes(Kit $kit): array
    {
        $assembly = $kit->work->groups->assembly;
        $pairs = $kit->work->groups->mates;
        foreach ($kit->work->groups->sockets as $ic => $socket) {
            $pairs[] = [(string) $ic, $socket];
        }
        foreach ($kit->parts as $part) {
            $pairs = $part->place->socket === null ? $pairs : [...$pairs, [$part->designator, $part->place->socket]];
        }
        foreach ($assembly->subassemblies as $together) {
            foreach ($together as $one) {
                foreach ($together as $other) {
                    $pairs[] = [$one, $other];
                }
            }
        }
        foreach ($assembly->covers as $cover) {
            foreach ($cover->over as $part) {
                $pairs[] = [$cover->by, $part];
            }
        }
        foreach ($assembly->fixings as $fixing) {
            foreach ($fixing->holds as $part) {
                $pairs[] = [$fixing->by, $part];
            }
        }
        $passes = [];
        foreach ($pairs as [$one, $other]) {
            $passes[$one][$other] = $passes[$other][$one] = true;
        }

        return $passes;
    }

    /** @param list<KitPart> $parts */
    private function clash(array $parts, PlacedBody $body, float $mm, Polygon $area): BodyClash
    {
        $doubtful = array_filter($parts, fn(KitPart $part): bool => $this->certainty($part) === 'typical');
        $sure = array_filter($parts, fn(KitPart $part): bool => $this->certainty($part) === 'sure');

        return new BodyClash(
            self::names($parts),
            $body->face,
            round($mm, 2),
            match (true) {
                $doubtful !== [] => 'typical',
                count($sure) === count($parts) => 'sure',
                default => 'table',
            },
            self::names(array_values($doubtful)),
            $area,
        );
    }

    /**
     * @param list<KitPart> $parts
     * @return list<string>
     */
    private static function names(array $parts): array
    {
        return array_map(static fn(KitPart $part): string => $part->designator, $parts);
    }

    private function certainty(KitPart $part): string
    {
        return match (true) {
            in_array($part->shape->outline->source, ['typed in', 'component layer'], true) => 'sure',
            $part->recognition->outlineOrigin === Origin::TypicalForKind => 'typical',
            default => 'table',
        };
    }
}
