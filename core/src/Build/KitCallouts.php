<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Consequence;
use Chiralex\Polarity\Callout;
use Chiralex\Polarity\Callouts;
use Chiralex\Polarity\Data\BoardMarkTable;
use Chiralex\Polarity\Landmark;
use Chiralex\Polarity\Landmarks;
use Chiralex\Polarity\PolarPart;

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
                static fn(KitPart $part): bool => $part->polarised &&
                    $part->supply->isBuilt() &&
                    !str_starts_with($part->designator, '~'),
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
        $standing = $this->standing($kit, $stepOf);
        $callouts = $landmarks = [];
        foreach ($parts as $part) {
            $step = $stepOf[$part->designator] ?? null;
            // Parts come in step order: what stands there by a step is gathered once.
            if (!isset($landmarks[$step ?? ''])) {
                $landmarks = [$step ?? '' => $this->fittedBefore($standing, $step)];
            }
            $board = $part->placement->board ?? '';
            $callouts[] = $writer->callout(
                self::polarPart($part, $kit),
                $kit->board($board)->reading ?? $kit->settings->reading,
                $landmarks[$step ?? ''][$board] ?? null,
            );
        }

        return $callouts;
    }

    public static function polarPart(KitPart $part, Kit $kit): PolarPart
    {
        $said = $part->polarity;
        $together = $kit->circuit->goesWith($part->designator);
        $mark = $said === null ? $part->row->mark?->check : $said->mark;

        return new PolarPart(
            $part->designator,
            $part->kind(),
            $part->body,
            $said === null ? $part->row->mark?->fit : $mark,
            $mark,
            $said === null || $said->terminal === '' ? $part->row->mark->terminal ?? '' : $said->terminal,
            $said?->pin,
            $said?->at,
            $part->legend === 'nothing' || ($kit->hasPlacements && $part->body === null)
                ? null
                : BoardMarkTable::of($part->row, $said?->mark),
            $together === [] ? $part->consequence : $part->consequence->atLeast(Consequence::DestroysOthers),
            $part->replace === [] ? $together : $part->replace,
            $part->placement === null
                ? null
                : $kit->board($part->placement->board)->squarePad[$part->kind()->value] ?? null,
        );
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
            if ($part !== null) {
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
                $fitted[$landmark->body->board][] = $landmark;
            }
        }

        return array_map(Landmarks::of(...), $fitted);
    }
}
