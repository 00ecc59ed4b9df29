<?php

declare(strict_types=1);

namespace Chiralex\Board;

/**
 * How the maker looks at a side: the board is turned clockwise by the reading, then, for the bottom, seen turned over left
 * to right.
 */
final readonly class View
{
    public function __construct(public int $reading, public Side $side) {}

    /** A board direction or place in view coordinates: x right, y up. */
    public function point(Point $point): Point
    {
        $turned = $point->turned((float) -$this->reading);

        return $this->side === Side::Bottom ? new Point(-$turned->x, $turned->y) : $turned;
    }

    /** Degrees clockwise from the top of the view, 0 to below 360. */
    public function bearing(Point $direction): float
    {
        $seen = $this->point($direction);
        $degrees = rad2deg(atan2($seen->x, $seen->y));

        return fmod(round($degrees, 6) + 360.0, 360.0);
    }

    /** One of eight words for a bearing. */
    public static function word(float $bearing): string
    {
        return [
            'up',
            'up-right',
            'right',
            'down-right',
            'down',
            'down-left',
            'left',
            'up-left',
        ][(int) floor(($bearing + 22.5) / 45.0) % 8];
    }
}
