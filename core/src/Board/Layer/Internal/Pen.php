<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

use Chiralex\Board\Point;

/** The state of a layer file between two commands. */
final readonly class Pen
{
    /**
     * @param string $mode `line`, `clockwise`, `counter-clockwise`
     * @param string $operation the last one: 1 draw, 2 move, 3 flash
     * @param bool $single single quadrant arcs
     * @param ?float $unit millimetres
     * @param array{x: int, y: int, whole: int, trailing: bool}|null $format decimals of each axis, whole digits, trailing zeros left out
     * @param ?list<Point> $contour while a region is open
     * @param array<string, list<string>> $file attributes of the file
     * @param array<string, list<string>> $forAperture attributes of apertures defined from here on
     * @param array<string, list<string>> $forObject attributes of objects from here on
     * @param array<array-key, list<string>> $apertures function of each aperture, by its number
     */
    public function __construct(
        public Point $at = new Point(0.0, 0.0),
        public string $mode = 'line',
        public string $operation = '',
        public bool $single = false,
        public string $aperture = '',
        public ?float $unit = null,
        public ?array $format = null,
        public ?array $contour = null,
        public array $file = [],
        public array $forAperture = [],
        public array $forObject = [],
        public array $apertures = [],
    ) {}

    public function with(mixed ...$changes): self
    {
        /** @var array{at: Point, mode: string, operation: string, single: bool, aperture: string, unit: ?float, format: array{x: int, y: int, whole: int, trailing: bool}|null, contour: ?list<Point>, file: array<string, list<string>>, forAperture: array<string, list<string>>, forObject: array<string, list<string>>, apertures: array<array-key, list<string>>} $all */
        $all = array_merge(get_object_vars($this), $changes);

        return new self(...$all);
    }
}
