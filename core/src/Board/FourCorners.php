<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** The corners of a board in a photograph, upper left first and then clockwise, as somebody tapped them; y down. */
final readonly class FourCorners
{
    /** So much longer or shorter than the board a shape may be and still be it, seen from the side; common practice, no source. */
    public const SLACK = 1.6;

    /** @param array{Point, Point, Point, Point} $corners */
    public function __construct(public array $corners) {}

    /** True where they go round clockwise and no corner points inwards. */
    public function areInOrder(): bool
    {
        foreach ($this->corners as $index => $corner) {
            $next = $this->corners[($index + 1) % 4];
            $after = $this->corners[($index + 2) % 4];
            $turn = ($next->x - $corner->x) * ($after->y - $next->y) - ($next->y - $corner->y) * ($after->x - $next->x);
            if ($turn <= 0.0) {
                return false;
            }
        }

        return true;
    }

    /** How many times as wide as high the shape is. */
    public function ratio(): float
    {
        [$a, $b, $c, $d] = $this->corners;

        return ($a->distanceTo($b) + $d->distanceTo($c)) / max(1e-9, $a->distanceTo($d) + $b->distanceTo($c));
    }

    public function mayBe(float $width, float $height): bool
    {
        $times = $this->ratio() / ($width / $height);

        return $times <= self::SLACK && $times >= 1.0 / self::SLACK;
    }
}
