<?php

declare(strict_types=1);

namespace Chiralex\Board;

use Chiralex\Part\BodyShape;
use Chiralex\Part\Outline;

/** A part's body where it sits on its board; all places as seen from the top side, heights from the face it sits on. */
final readonly class PlacedBody
{
    /**
     * @param Point $centre of the body
     * @param float $rotation degrees counter-clockwise
     * @param array<string, Point> $pins by pin name
     */
    private function __construct(
        public string $designator,
        public Face $face,
        public Outline $outline,
        public Point $centre,
        public float $rotation,
        public float $height,
        public array $pins,
        public Mount $mount,
    ) {}

    /**
     * Puts an outline on its place. Pins of the package table are mirrored at the x axis on the bottom side before they
     * turn; pins the maker typed are taken as they are.
     *
     * @param array<array-key, array{float, float}>|null $typedPins
     */
    public static function place(
        Placement $placement,
        Outline $outline,
        float $height,
        ?array $typedPins = null,
        Point $origin = new Point(0.0, 0.0),
        ?float $grams = null,
        bool $pierces = true,
    ): self {
        $flip = $typedPins === null && $placement->side === Side::Bottom ? -1.0 : 1.0;
        $pins = [];
        foreach ($typedPins ?? $outline->pins as $name => [$x, $y]) {
            $turned = (new Point($x, $y * $flip))->turned($placement->rotation);
            $pins[(string) $name] = $placement->at->plus($turned->x, $turned->y);
        }
        $centre = $origin->turned($placement->rotation);

        return new self(
            $placement->designator,
            new Face($placement->board, $placement->side),
            $outline,
            $placement->at->plus($centre->x, $centre->y),
            $placement->rotation,
            $height,
            $pins,
            new Mount($grams, $pierces),
        );
    }

    public function shifted(Point $by): self
    {
        return new self(
            $this->designator,
            $this->face,
            $this->outline,
            $this->centre->plus($by->x, $by->y),
            $this->rotation,
            $this->height,
            array_map(static fn(Point $pin): Point => $pin->plus($by->x, $by->y), $this->pins),
            $this->mount,
        );
    }

    /** The body seen from above: four corners; a can as 16 points of its circle. */
    public function footprint(): Polygon
    {
        $corners = [];
        if ($this->outline->shape === BodyShape::Can || $this->outline->shape === BodyShape::Dome) {
            for ($i = 0; $i < 16; ++$i) {
                $corners[] = $this->at(
                    ($this->outline->along / 2) * cos(($i * M_PI) / 8),
                    ($this->outline->across / 2) * sin(($i * M_PI) / 8),
                );
            }
        } else {
            foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$x, $y]) {
                $corners[] = $this->at(($x * $this->outline->along) / 2, ($y * $this->outline->across) / 2);
            }
        }

        return new Polygon($corners);
    }

    /**
     * Where the top could touch the table: a box's four corners, a can's circle, a lying body's top line, a dome's point.
     *
     * @return list<Point>
     */
    public function topPoints(): array
    {
        return match ($this->outline->shape) {
            BodyShape::Box, BodyShape::Can => $this->footprint()->corners,
            BodyShape::Lying => [$this->at(-$this->outline->along / 2, 0.0), $this->at($this->outline->along / 2, 0.0)],
            BodyShape::Dome => [$this->centre],
        };
    }

    private function at(float $x, float $y): Point
    {
        $turned = (new Point($x, $y))->turned($this->rotation);

        return $this->centre->plus($turned->x, $turned->y);
    }
}
