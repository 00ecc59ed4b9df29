<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

use Chiralex\Board\Point;

/** One graphics object of a layer file, with what the file says of it. */
final readonly class LayerObject
{
    /**
     * @param string $shape `flash`, `draw` or `region`
     * @param non-empty-list<Point> $points place of a flash; the ends of a draw, arcs as chords; the contour of a region
     * @param array<string, list<string>> $attributes object attributes by name, `.C` to `['R1']`
     * @param list<string> $function of the aperture, `['ComponentMain']`
     * @param float $width of the aperture that draws or flashes it, millimetres; 0 for a region
     */
    public function __construct(
        public string $shape,
        public array $points,
        public array $attributes,
        public array $function,
        public float $width = 0.0,
    ) {}

    /** The first field of an attribute, empty where there is none. */
    public function says(string $attribute): string
    {
        return $this->attributes[$attribute][0] ?? '';
    }
}
