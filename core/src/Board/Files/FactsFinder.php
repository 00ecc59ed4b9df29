<?php

declare(strict_types=1);

namespace Chiralex\Board\Files;

use Chiralex\Board\Drill\DrilledHole;
use Chiralex\Board\Drill\DrilledSlot;
use Chiralex\Board\Layer\ProfileLayer;
use Chiralex\Board\Polygon;

/** Works out what the files of a board say of its outline, its cut-outs and its holes. */
final readonly class FactsFinder
{
    /** Contours looked at, the largest first; no board has so many cut-outs. */
    private const CONTOURS = 1_000;
    /** Side of the squares by which holes told twice are found, millimetres. */
    private const CELL = 0.02;
    /** A contour this near a hole in place and width is that hole, millimetres. */
    private const SAME_HOLE = 0.1;

    /** @param list<ReadFile> $files those of one board */
    public function facts(array $files, ?Polygon $typed = null): BoardFacts
    {
        $contours = $holes = $slots = [];
        foreach ($files as $file) {
            if ($file->is(FileRole::Outline) && $file->layer() !== null && $contours === []) {
                $contours = (new ProfileLayer())->contours($file->layer());
            }
            array_push($holes, ...$file->drill()->holes ?? []);
            array_push($slots, ...$file->drill()->slots ?? []);
        }
        $holes = $this->once($holes);
        $outline = $contours[0] ?? null;
        $cutouts = [];
        foreach (array_slice($contours, 1, self::CONTOURS) as $contour) {
            $isInside = $outline?->contains($contour->corners[0]) ?? false;
            if ($isInside && !$this->isHole($contour, $holes)) {
                $cutouts[] = $contour;
            }
        }

        return new BoardFacts($outline ?? $typed, $cutouts, $holes, $this->slotsOnce($slots));
    }

    /**
     * @param list<DrilledHole> $holes
     * @return list<DrilledHole> by x, then y; what two files say of one hole once
     */
    private function once(array $holes): array
    {
        usort(
            $holes,
            static fn(DrilledHole $a, DrilledHole $b): int => [round($a->at->x, 3), round($a->at->y, 3)] <=> [
                round($b->at->x, 3),
                round($b->at->y, 3),
            ],
        );
        $kept = $at = [];
        foreach ($holes as $hole) {
            [$x, $y] = [(int) floor($hole->at->x / self::CELL), (int) floor($hole->at->y / self::CELL)];
            if (!$this->isTold($hole, $at, $x, $y)) {
                $kept[] = $hole;
                $at["{$x} {$y}"][] = $hole;
            }
        }

        return $kept;
    }

    /** @param array<string, list<DrilledHole>> $at holes by the cells of their places */
    private function isTold(DrilledHole $hole, array $at, int $x, int $y): bool
    {
        foreach ([-1, 0, 1] as $i) {
            foreach ([-1, 0, 1] as $j) {
                foreach ($at[$x + $i . ' ' . ($y + $j)] ?? [] as $other) {
                    if ($hole->isSame($other)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /**
     * @param list<DrilledSlot> $slots
     * @return list<DrilledSlot>
     */
    private function slotsOnce(array $slots): array
    {
        $kept = [];
        foreach ($slots as $slot) {
            $kept[$slot->key()] ??= $slot;
        }
        ksort($kept, SORT_NATURAL);

        return array_values($kept);
    }

    /** @param list<DrilledHole> $holes */
    private function isHole(Polygon $contour, array $holes): bool
    {
        [$left, $low, $right, $high] = $contour->bounds();
        foreach ($holes as $hole) {
            if (
                hypot(($left + $right) / 2 - $hole->at->x, ($low + $high) / 2 - $hole->at->y) <= self::SAME_HOLE &&
                abs($right - $left - $hole->diameter) <= self::SAME_HOLE &&
                abs($high - $low - $hole->diameter) <= self::SAME_HOLE
            ) {
                return true;
            }
        }

        return false;
    }
}
