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
     * @param ?bool $single single quadrant arcs; null where the file does not say, as old ones do
     * @param ?list<Point> $contour while a region is open
     */
    public function __construct(
        public Point $at = new Point(0.0, 0.0),
        public string $mode = 'line',
        public string $operation = '',
        public ?bool $single = null,
        public ?array $contour = null,
        public Scale $scale = new Scale(),
        public Attributes $attributes = new Attributes(),
        public Tool $tool = new Tool(),
    ) {}

    public function with(mixed ...$changes): self
    {
        /** @var array{at: Point, mode: string, operation: string, single: ?bool, contour: ?list<Point>, scale: Scale, attributes: Attributes, tool: Tool} $all */
        $all = array_merge(get_object_vars($this), $changes);

        return new self(...$all);
    }

    public function holding(string $aperture): self
    {
        return $this->with(tool: new Tool($aperture, $this->tool->list, $this->tool->placing));
    }

    public function defining(ApertureList $list): self
    {
        return $this->with(tool: new Tool($this->tool->number, $list, $this->tool->placing));
    }

    public function placing(Placing $placing): self
    {
        return $this->with(tool: new Tool($this->tool->number, $this->tool->list, $placing));
    }

    public function inUnit(float $millimetres): self
    {
        return $this->with(scale: new Scale($millimetres, $this->scale->format));
    }

    /** @param array{x: int, y: int, whole: int, trailing: bool, steps: bool} $format */
    public function inFormat(array $format): self
    {
        return $this->with(scale: new Scale($this->scale->unit, $format));
    }

    /** @param array<array-key, list<string>> ...$changes of Attributes, by name */
    public function saying(array ...$changes): self
    {
        /** @var array{file: array<string, list<string>>, forAperture: array<string, list<string>>, forObject: array<string, list<string>>} $all */
        $all = array_merge(get_object_vars($this->attributes), $changes);

        return $this->with(attributes: new Attributes(...$all));
    }
}
