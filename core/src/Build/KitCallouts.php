<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Bom\Designators;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Polarity\Callout;
use Chiralex\Polarity\Callouts;
use Chiralex\Polarity\Data\BoardMarkTable;
use Chiralex\Polarity\Data\BodyMarks;
use Chiralex\Polarity\Landmark;
use Chiralex\Polarity\Landmarks;
use Chiralex\Polarity\MarkSpot;
use Chiralex\Polarity\PolarPart;
use Chiralex\Polarity\PrintedSign;
use Chiralex\Polarity\Signs;

/** The callouts of a kit in step order, each with landmarks among the parts fitted before its step. */
final readonly class KitCallouts
{
    /** @return list<Callout> */
    public function callouts(Kit $kit, ?BuildOrder $order): array
    {
        $stepOf = $order?->stepOf() ?? [];
        $parts = array_values(
            array_filter(
                $kit->parts,
                static fn(KitPart $part): bool => $part->direction->polarised &&
                    $part->supply->isBuilt() &&
                    Designators::isNamed($part->designator),
            ),
        );
        usort(
            $parts,
            static fn(KitPart $a, KitPart $b): int => [$stepOf[$a->designator] ?? PHP_INT_MAX, $a->designator] <=> [
                $stepOf[$b->designator] ?? PHP_INT_MAX,
                $b->designator,
            ],
        );
        $writer = new Callouts();
        $reversals = Reversals::of($kit);
        $standing = $this->standing($kit, $stepOf);
        $callouts = $landmarks = [];
        foreach ($parts as $part) {
            $step = $stepOf[$part->designator] ?? null;
            // Parts come in step order: what stands there by a step is gathered once.
            if (!isset($landmarks[$step ?? ''])) {
                $landmarks = [$step ?? '' => $this->fittedBefore($standing, $step)];
            }
            $board = $part->place->placement->board ?? '';
            $callouts[] = $writer->callout(
                self::polarPart($part, $kit, $reversals),
                $kit->board($board)->turn ?? $kit->choices->settings->turn,
                $landmarks[$step ?? ''][$board] ?? null,
            );
        }

        return $callouts;
    }

    public static function polarPart(KitPart $part, Kit $kit, ?Reversals $reversals = null): PolarPart
    {
        $said = $part->direction->polarity;
        $usual = BodyMarks::of($part->row, $part->shape->outline);
        $own = $usual?->check === $part->row->mark?->check ? null : $usual?->check;
        $placement = $part->place->placement;
        $print = $kit->findings->drawn->prints[$part->designator] ?? null;
        $shown =
            $kit->printedAt($part) !== 'nothing' && (!$kit->findings->hasPlacements || $part->place->body !== null);

        return new PolarPart(
            $part->designator,
            $part->kind(),
            $part->place->body,
            new Signs(
                $said === null ? $usual?->fit : $said->mark,
                $said === null ? $usual?->check : $said->mark,
                $said === null || $said->terminal === '' ? $usual->terminal ?? '' : $said->terminal,
            ),
            new MarkSpot($said?->pin, self::at($part)),
            new PrintedSign(
                match (true) {
                    !$shown, $print?->mark === 'none' => null,
                    $print !== null => BoardMarkTable::seen(
                        $part->row,
                        $said === null ? $usual?->check : $said->mark,
                        $print->mark,
                    ),
                    default => BoardMarkTable::of($part->row, $said === null ? $own : $said->mark),
                },
                $placement === null ? null : $kit->board($placement->board)->squarePad[$part->kind()->value] ?? null,
                $print !== null,
            ),
            ($reversals ?? Reversals::of($kit))->reversal($part),
        );
    }

    /**
     * The direction of a mark that the maker said, at the rotation of the file: a zero orientation that turns the package table
     * does not turn what was said.
     */
    private static function at(KitPart $part): ?float
    {
        $said = $part->direction->polarity?->at;
        $placement = $part->place->placement;
        $body = $part->place->body;

        return $said === null || $placement === null || $body === null
            ? $said
            : $said + $placement->rotation - $body->rotation;
    }

    /**
     * Everything with a place, with the step it comes at; -1 where it stands there from the beginning.
     *
     * @param array<string, int> $stepOf
     * @return list<array{int, Landmark}>
     */
    private function standing(Kit $kit, array $stepOf): array
    {
        $standing = [];
        foreach ($kit->bodies() as $designator => $body) {
            $part = $kit->part($designator);
            // Nobody finds a bit of bare wire.
            if ($part !== null && $part->kind() !== Kind::Link) {
                $standing[] = [
                    $stepOf[$designator] ?? -1,
                    new Landmark($body, $part->kind()->value . ' ' . $body->outline->name),
                ];
            }
        }

        return $standing;
    }

    /**
     * @param list<array{int, Landmark}> $standing
     * @return array<string, Landmarks> by board
     */
    private function fittedBefore(array $standing, ?int $step): array
    {
        $fitted = [];
        foreach ($standing as [$at, $landmark]) {
            if ($step === null || $at < $step) {
                $fitted[$landmark->body->face->board][] = $landmark;
            }
        }

        return array_map(Landmarks::of(...), $fitted);
    }
}
