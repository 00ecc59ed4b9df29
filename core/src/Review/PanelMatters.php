<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Kit\DrillFace;
use Chiralex\Kit\Hole;
use Chiralex\Kit\Kit;
use Chiralex\Part\Role;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Holes of a lid or panel against the places of the parts that come through them: what is further off will not go in. */
final readonly class PanelMatters implements MatterSource
{
    /** A hole is drilled about this much larger than its part, and a part gives about as much, millimetres; common practice. */
    private const PLAY = 1.0;
    /** From the middle of one nut to that of the next, so that a spanner goes round; common practice. */
    private const SPANNER = 16.0;
    /** Faces that lie over a board; the others stand at its edge. */
    private const OVER = ['', 'lid', 'top', 'bottom', 'deckel', 'front'];

    public function matters(Subject $subject): array
    {
        $matters = [];
        foreach ($subject->kit->work->workshop->drilling as $face) {
            array_push($matters, ...$this->spanner($face, $subject->kit));
            foreach ($this->boards($face, $subject->kit) as $pairs) {
                array_push($matters, ...$this->off($face, $pairs));
            }
        }

        return $matters;
    }

    /** @return list<Matter> nuts so near each other that no tool goes round them */
    private function spanner(DrillFace $face, Kit $kit): array
    {
        $nuts = array_values(
            array_filter(
                $face->holes,
                static fn(Hole $hole): bool => $kit->part($hole->for)?->row->is(Role::Nutted) === true,
            ),
        );
        $matters = [];
        foreach ($nuts as $index => $one) {
            foreach (array_slice($nuts, $index + 1) as $other) {
                $mm = hypot($one->x - $other->x, $one->y - $other->y);
                if ($mm < self::SPANNER - 1e-9) {
                    $matters[] = new Matter(
                        MatterSeverity::Warn,
                        Station::Board,
                        'board.spanner',
                        ['one' => $one->for, 'other' => $other->for, 'mm' => round($mm, 1), 'needed' => self::SPANNER],
                        [$one->for, $other->for],
                    );
                }
            }
        }

        return $matters;
    }

    /**
     * Places and holes of the parts behind a face, as whoever looks at the face sees them, by board.
     *
     * @return array<string, array<string, array{Point, Point}>> by designator
     */
    private function boards(DrillFace $face, Kit $kit): array
    {
        $boards = [];
        foreach (in_array(mb_strtolower($face->face), self::OVER, true) ? $face->holes : [] as $hole) {
            $part = $kit->part($hole->for);
            $at = $part?->place->placement;
            if ($part !== null && $at !== null && $part->supply->isOnBoard()) {
                $seen = $at->side === Side::Top ? $at->at : new Point(-$at->at->x, $at->at->y);
                $boards[$at->board][$hole->for] = [$seen, new Point($hole->x, $hole->y)];
            }
        }

        return array_filter($boards, static fn(array $pairs): bool => count($pairs) > 1);
    }

    /**
     * @param array<string, array{Point, Point}> $pairs
     * @return list<Matter>
     */
    private function off(DrillFace $face, array $pairs): array
    {
        $best = null;
        foreach ([0.0, 90.0, 180.0, 270.0] as $turn) {
            foreach (array_keys($pairs) as $anchor) {
                $distances = $this->distances($pairs, (string) $anchor, $turn);
                $bad = count(array_filter($distances, static fn(float $mm): bool => $mm > self::PLAY));
                $score = [$bad, round(array_sum($distances), 6)];
                if ($best === null || $score < $best[0]) {
                    $best = [$score, (string) $anchor, $distances];
                }
            }
        }
        $matters = [];
        foreach ($best[2] ?? [] as $name => $mm) {
            if ($mm > self::PLAY) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Board,
                    'board.hole-off',
                    [
                        'designator' => (string) $name,
                        'by' => $face->by,
                        'mm' => round($mm, 1),
                        'from' => $best[1] ?? '',
                    ],
                    [(string) $name, $best[1] ?? ''],
                );
            }
        }

        return $matters;
    }

    /**
     * How far each hole is off its part when the board is turned and the hole of one part is put on that part.
     *
     * @param array<string, array{Point, Point}> $pairs
     * @return array<string, float> millimetres by designator
     */
    private function distances(array $pairs, string $anchor, float $turn): array
    {
        $turned = array_map(static fn(array $pair): Point => $pair[0]->turned($turn), $pairs);
        $dx = $pairs[$anchor][1]->x - $turned[$anchor]->x;
        $dy = $pairs[$anchor][1]->y - $turned[$anchor]->y;
        $distances = [];
        foreach ($pairs as $name => $pair) {
            $distances[$name] = $turned[$name]->plus($dx, $dy)->distanceTo($pair[1]);
        }

        return $distances;
    }
}
