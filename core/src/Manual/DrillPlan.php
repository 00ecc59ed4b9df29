<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Kit\DrillFace;
use Chiralex\Kit\Hole;
use Chiralex\Kit\Kit;
use Chiralex\Manual\Data\HoleTable;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** What has to be drilled: the faces a maker declares, and panels whose holes follow from the parts behind them. */
final readonly class DrillPlan
{
    /** @return list<DrillFace> */
    public static function of(Kit $kit): array
    {
        $said = $kit->work->workshop->drilling;
        $declared = array_map(static fn(DrillFace $face): string => $face->by, $said);
        $faces = array_map(static fn(DrillFace $face): DrillFace => self::sized($face, $kit), $said);
        foreach ($kit->work->groups->panels as $panel) {
            $face = in_array($panel->by, $declared, true) ? null : self::panel($panel->by, $panel->parts, $kit);
            if ($face !== null) {
                $faces[] = $face;
            }
        }

        return $faces;
    }

    /** Holes that the maker says the builder drills, in what is in the kit. */
    public static function drilled(Kit $kit): int
    {
        return array_sum(
            array_map(
                static fn(DrillFace $face): int => $kit->part($face->by) === null ? 0 : count($face->holes),
                $kit->work->workshop->drilling,
            ),
        );
    }

    /** What goes through a hole in which order. */
    public static function stack(Hole $hole, Kit $kit): Reason
    {
        return $hole->stack === []
            ? new Reason(HoleTable::stack($kit->part($hole->for)), ['part' => $hole->for], Origin::CommonPractice)
            : new Reason('drill.stack', ['items' => $hole->stack], Origin::KitFile);
    }

    /** A hole without a diameter takes the usual one of its part. */
    private static function sized(DrillFace $face, Kit $kit): DrillFace
    {
        return new DrillFace(
            $face->by,
            $face->face,
            $face->width,
            $face->height,
            array_map(static function (Hole $hole) use ($kit): Hole {
                $part = $kit->part($hole->for);

                return $hole->diameter !== null || $part === null
                    ? $hole
                    : new Hole($hole->for, $hole->x, $hole->y, HoleTable::diameter($part), $hole->stack);
            }, $face->holes),
        );
    }

    /**
     * A panel lies over its board: its holes stand where the bodies stand, seen from outside, about the centre of the outline.
     *
     * @param list<string> $parts
     */
    private static function panel(string $by, array $parts, Kit $kit): ?DrillFace
    {
        $bodies = array_values(
            array_filter(array_map(static fn(string $name) => $kit->part($name)?->place->body, $parts)),
        );
        $board = $bodies === [] ? null : $kit->board($bodies[0]->face->board);
        if (!($board instanceof BoardShape) || $board->outline->corners === []) {
            return null;
        }
        [$left, $low, $right, $high] = $board->outline->bounds();
        $centre = new Point(($left + $right) / 2, ($low + $high) / 2);
        $holes = [];
        foreach ($bodies as $body) {
            $part = $kit->part($body->designator);
            if ($part !== null && $body->face->board === $board->name) {
                $x = $body->centre->x - $centre->x;
                $holes[] = new Hole(
                    $body->designator,
                    $body->face->side === Side::Bottom ? -$x : $x,
                    $body->centre->y - $centre->y,
                    HoleTable::diameter($part),
                );
            }
        }

        return new DrillFace($by, '', $right - $left, $high - $low, $holes);
    }
}
