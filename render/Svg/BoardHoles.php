<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Drill\DrilledHole;
use Chiralex\Board\Drill\DrilledSlot;
use Chiralex\Board\Files\BoardFacts;
use Chiralex\Board\Point;

/** What is cut from a board: cut-outs, slots, and holes that are not plated, as paths to leave out of its face. */
final readonly class BoardHoles
{
    /** Corners drawn of half a circle. */
    private const HALF = 12;

    /** @return string closed paths, empty where the files have another origin than the outline that is drawn */
    public function paths(?BoardFacts $facts, BoardShape $board, Frame $frame): string
    {
        if ($facts?->isAt($board->outline) !== true) {
            return '';
        }
        $paths = array_map(fn($cutout): string => $this->path($cutout->corners, $frame), $facts->cutouts);
        foreach ($facts->slots as $slot) {
            $paths[] = $this->path($this->capsule($slot), $frame);
        }
        foreach (array_filter($facts->holes, static fn(DrilledHole $hole): bool => !$hole->plated) as $hole) {
            $paths[] = $this->path(
                $this->capsule(new DrilledSlot($hole->at, $hole->at, $hole->diameter, false)),
                $frame,
            );
        }

        return implode('', $paths);
    }

    /** @return list<Point> a slot with its round ends */
    private function capsule(DrilledSlot $slot): array
    {
        $way = atan2($slot->to->y - $slot->from->y, $slot->to->x - $slot->from->x);
        $corners = [];
        foreach ([[$slot->to, $way - M_PI / 2], [$slot->from, $way + M_PI / 2]] as [$end, $from]) {
            for ($i = 0; $i <= self::HALF; ++$i) {
                $angle = $from + ($i * M_PI) / self::HALF;
                $corners[] = $end->plus(($slot->width / 2) * cos($angle), ($slot->width / 2) * sin($angle));
            }
        }

        return $corners;
    }

    /** @param array<Point> $corners */
    private function path(array $corners, Frame $frame): string
    {
        $points = array_map(static function (Point $corner) use ($frame): string {
            $at = $frame->point($corner);

            return Num::of($at->x) . ' ' . Num::of($at->y);
        }, $corners);

        return 'M' . implode('L', $points) . 'Z';
    }
}
