<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Board\BodyGrid;
use Chiralex\Board\PlacedBody;
use Chiralex\Bom\Designators;
use Chiralex\Build\KitCallouts;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\PartLook;
use Chiralex\Part\LeadStyle;
use Chiralex\Part\Role;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/**
 * What to change before boards are ordered: places whose holes another part fits too, parts of one kind that face several
 * ways, hole spans that no usual bend fits, adjusters under covers. Each with a change and what it saves; the limits are common practice.
 */
final readonly class BoardReview implements MatterSource
{
    /** Two places this near are taken for each other, and leads this much off still go in, millimetres. */
    private const NEAR = 15.0;
    private const FITS = 0.4;
    /** Least straight lead between body and bend at either end, millimetres. */
    private const BEND = 0.6;
    /** Radial leads spread by at most this much, millimetres. */
    private const SPREAD = 2.6;
    /** A finding names this many pairs at most. */
    private const MOST = 12;

    public function matters(Subject $subject): array
    {
        $kit = $subject->kit;

        return [...$this->sameHoles($kit), ...$this->facings($kit), ...$this->spans($kit), ...$this->covered($kit)];
    }

    /** @return list<Matter> one for each two kinds whose parts fit each other's holes nearby */
    private function sameHoles(Kit $kit): array
    {
        $places = $this->wirePlaces($kit);
        /** @var array<string, array<string, list<array{string, string}>>> $pairs by two kinds in the order of their names */
        $pairs = [];
        $grid = BodyGrid::of(array_map(static fn(array $place): PlacedBody => $place[2], $places));
        $at = array_flip(array_map(static fn(array $place): string => $place[0]->designator, $places));
        foreach ($places as $index => [$a, $spanA, $bodyA]) {
            foreach ($grid->around($bodyA->face->board, [$bodyA->centre], self::NEAR) as $near) {
                $other = $at[$near->designator];
                [$b, $spanB, $bodyB] = $places[$other];
                if (
                    $other > $index &&
                    $a->kind() !== $b->kind() &&
                    $this->lookAlike($a, $b) &&
                    $bodyA->face->board === $bodyB->face->board &&
                    $bodyA->face->side === $bodyB->face->side &&
                    abs($spanA - $spanB) <= self::FITS &&
                    $bodyA->centre->distanceTo($bodyB->centre) <= self::NEAR
                ) {
                    [$one, $two] = [$a->kind()->value, $b->kind()->value];
                    $pairs[min($one, $two)][max($one, $two)][] = [$a->designator, $b->designator];
                }
            }
        }
        $matters = [];
        foreach ($pairs as $one => $others) {
            foreach ($others as $other => $found) {
                $matters[] = new Matter(
                    MatterSeverity::Note,
                    Station::Board,
                    'board.same-holes',
                    [
                        'kinds' => [$one, $other],
                        'count' => count($found),
                        'pairs' => array_map(
                            static fn(array $pair): string => implode('/', $pair),
                            array_slice($found, 0, self::MOST),
                        ),
                        'near' => self::NEAR,
                    ],
                    array_values(array_unique(array_merge(...$found))),
                );
            }
        }

        return $matters;
    }

    /** @return list<array{KitPart, float, PlacedBody}> parts on two wire leads, with the span of their holes */
    private function wirePlaces(Kit $kit): array
    {
        $places = [];
        foreach ($kit->parts as $part) {
            $pins = $part->place->body === null ? [] : array_values($part->place->body->pins);
            if (
                $part->place->body !== null &&
                count($pins) === 2 &&
                $part->isSoldered() &&
                in_array($part->shape->outline->leads->style, [LeadStyle::AxialWire, LeadStyle::RadialWire], true)
            ) {
                $places[] = [$part, $pins[0]->distanceTo($pins[1]), $part->place->body];
            }
        }
        usort(
            $places,
            static fn(array $a, array $b): int => Designators::compare($a[0]->designator, $b[0]->designator),
        );

        return $places;
    }

    /** True where a hurried eye may take one for the other: nobody takes a black rectifier for a resistor with bands. */
    private function lookAlike(KitPart $a, KitPart $b): bool
    {
        return (PartLook::of($a)->bands === []) === (PartLook::of($b)->bands === []);
    }

    /** @return list<Matter> parts of one kind that could face as most of them do */
    private function facings(Kit $kit): array
    {
        $ways = [];
        foreach ((new KitCallouts())->callouts($kit, null) as $callout) {
            $body = $kit->part($callout->designator)?->place->body;
            if ($callout->pointing->direction !== null && $body !== null) {
                $ways[$body->face->key()][$callout->kind->value][$callout->pointing->direction][] =
                    $callout->designator;
            }
        }
        $matters = [];
        foreach ($ways as $kinds) {
            foreach ($kinds as $kind => $directions) {
                if (count($directions) > 1) {
                    $matters[] = $this->turned($kind, $directions);
                }
            }
        }

        return $matters;
    }

    /** @param non-empty-array<string, list<string>> $directions direction to the parts of one kind that face so */
    private function turned(string $kind, array $directions): Matter
    {
        uasort($directions, static fn(array $a, array $b): int => count($b) <=> count($a));
        $others = array_merge(...array_values(array_slice($directions, 1)));
        usort($others, Designators::compare(...));

        return new Matter(
            MatterSeverity::Note,
            Station::Board,
            'board.turn',
            [
                'designators' => $others,
                'kind' => $kind,
                'direction' => array_key_first($directions),
                'count' => count($others),
            ],
            $others,
        );
    }

    /** @return list<Matter> */
    private function spans(Kit $kit): array
    {
        $matters = [];
        foreach ($this->wirePlaces($kit) as [$part, $span]) {
            $least =
                $part->shape->outline->leads->style === LeadStyle::AxialWire
                    ? $part->shape->outline->along + 2 * self::BEND
                    : 0.0;
            if ($span < $least - 1e-6) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Board,
                    'board.span-short',
                    [
                        'designator' => $part->designator,
                        'span' => round($span, 2),
                        'body' => $part->shape->outline->along,
                        'needed' => ceil($least / 2.54) * 2.54,
                    ],
                    [$part->designator],
                );
            }
            $usual = $part->shape->outline->leads->style === LeadStyle::RadialWire ? $this->usualSpan($part) : null;
            if ($usual !== null && abs($span - $usual) > self::SPREAD) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Board,
                    'board.span-wide',
                    ['designator' => $part->designator, 'span' => round($span, 2), 'usual' => $usual],
                    [$part->designator],
                );
            }
        }

        return $matters;
    }

    /** The lead spacing of the package itself, where pins of the board differ from it. */
    private function usualSpan(KitPart $part): ?float
    {
        $pins = array_values($part->recognition->outline->pins);

        return count($pins) === 2 ? round(hypot($pins[0][0] - $pins[1][0], $pins[0][1] - $pins[1][1]), 2) : null;
    }

    /** @return list<Matter> */
    private function covered(Kit $kit): array
    {
        $matters = [];
        foreach ($kit->work->groups->assembly->covers as $cover) {
            if ($kit->part($cover->by)?->supply->isBuilt() === false) {
                continue;
            }
            foreach ($cover->over as $name) {
                if ($kit->part($name)?->row->is(Role::Adjusts) === true && $kit->holds($kit->parts[$name])) {
                    $matters[] = new Matter(
                        MatterSeverity::Note,
                        Station::Board,
                        'board.adjuster-covered',
                        ['designator' => $name, 'cover' => $cover->by],
                        [$name],
                    );
                }
            }
        }

        return $matters;
    }
}
