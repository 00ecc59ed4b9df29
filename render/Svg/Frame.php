<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Board\Polygon;
use Chiralex\Board\Side;
use Chiralex\Board\View;

/** Turns board coordinates into those of a drawing: millimetres, x right, y down, as the builder looks at one side. */
final readonly class Frame
{
    private const MARGIN = 1.0;

    private function __construct(
        private View $view,
        private float $left,
        private float $top,
        public float $width,
        public float $height,
    ) {}

    public static function of(Polygon $outline, int $turn, Side $side): self
    {
        $view = new View($turn, $side);
        $seen = new Polygon(array_map($view->point(...), $outline->corners));
        [$left, $low, $right, $high] = $seen->bounds();

        return new self(
            $view,
            $left - self::MARGIN,
            $high + self::MARGIN,
            $right - $left + 2 * self::MARGIN,
            $high - $low + 2 * self::MARGIN,
        );
    }

    public function point(Point $point): Point
    {
        $seen = $this->view->point($point);

        return new Point(round($seen->x - $this->left, 3), round($this->top - $seen->y, 3));
    }

    /** Maps the part's own frame (x, y up, from its centre) into the drawing. */
    public function matrix(PlacedBody $body): string
    {
        $flip = $body->face->side === Side::Bottom ? -1.0 : 1.0;
        $zero = $this->point($body->centre);
        $axis = static fn(float $x, float $y): Point => (new Point($x, $y * $flip))->turned($body->rotation);
        $u = $axis(1.0, 0.0);
        $v = $axis(0.0, 1.0);
        $pu = $this->point($body->centre->plus($u->x, $u->y));
        $pv = $this->point($body->centre->plus($v->x, $v->y));

        return sprintf(
            'matrix(%s %s %s %s %s %s)',
            ...array_map(Num::of(...), [
                $pu->x - $zero->x,
                $pu->y - $zero->y,
                $pv->x - $zero->x,
                $pv->y - $zero->y,
                $zero->x,
                $zero->y,
            ]),
        );
    }
}
