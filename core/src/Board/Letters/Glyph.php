<?php

declare(strict_types=1);

namespace Chiralex\Board\Letters;

use Chiralex\Board\Point;

/** One letter of a legend as it stands on the board: the points of its strokes and the box about them, millimetres. */
final readonly class Glyph
{
    public float $left;
    public float $low;
    public float $width;
    public float $height;

    /** @param non-empty-list<list<Point>> $strokes lines through points; one point for a dot */
    public function __construct(public array $strokes)
    {
        $xs = $ys = [];
        foreach ($strokes as $stroke) {
            array_push($xs, ...array_column($stroke, 'x'));
            array_push($ys, ...array_column($stroke, 'y'));
        }
        $this->left = $xs === [] ? 0.0 : min($xs);
        $this->low = $ys === [] ? 0.0 : min($ys);
        $this->width = $xs === [] ? 0.0 : max($xs) - $this->left;
        $this->height = $ys === [] ? 0.0 : max($ys) - $this->low;
    }

    public function centre(): Point
    {
        return new Point($this->left + $this->width / 2, $this->low + $this->height / 2);
    }

    /** As it is seen by a reader who is turned by so many quarters, or who looks at the bottom. */
    public function seen(int $quarters, bool $isMirrored): self
    {
        if ($quarters === 0 && !$isMirrored) {
            return $this;
        }
        $side = $isMirrored ? -1.0 : 1.0;
        $strokes = [];
        foreach ($this->strokes as $stroke) {
            $turned = [];
            foreach ($stroke as $point) {
                $x = $side * $point->x;
                $turned[] = match ($quarters) {
                    0 => new Point($x, $point->y),
                    1 => new Point($point->y, -$x),
                    2 => new Point(-$x, -$point->y),
                    default => new Point(-$point->y, $x),
                };
            }
            $strokes[] = $turned;
        }

        return new self($strokes);
    }

    public function isDot(float $line): bool
    {
        return max($this->width, $this->height) <= 0.3 * $line;
    }
}
