<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

use Chiralex\Board\Placement;
use Chiralex\Board\Point;

/** What a component layer says of one part. */
final readonly class LayerComponent
{
    /**
     * @param string $value text of `.CVal`, empty where the file does not say
     * @param string $package text of `.CPgN`, or of the footprint `.CFtp`
     * @param ?float $height `.CHgt` in millimetres
     * @param array<string, Point> $pins by name, on the board
     * @param list<Point> $outline of the body, on the board; empty where none is drawn
     */
    public function __construct(
        public Placement $placement,
        public string $value,
        public string $package,
        public ?float $height,
        public array $pins,
        public array $outline,
    ) {}

    /** @return array<string, array{float, float}> pins from the placement point at rotation 0 */
    public function ownPins(): array
    {
        return array_map(function (Point $pin): array {
            $own = $this->own($pin);

            return [round($own->x, 6), round($own->y, 6)];
        }, $this->pins);
    }

    /** @return ?array{along: float, across: float, origin: array{float, float}} the body at rotation 0: its box and its centre */
    public function box(): ?array
    {
        if (count($this->outline) < 2) {
            return null;
        }
        $own = array_map($this->own(...), $this->outline);
        $x = array_map(static fn(Point $point): float => $point->x, $own);
        $y = array_map(static fn(Point $point): float => $point->y, $own);

        return [
            'along' => round(max($x) - min($x), 6),
            'across' => round(max($y) - min($y), 6),
            'origin' => [round((max($x) + min($x)) / 2, 6), round((max($y) + min($y)) / 2, 6)],
        ];
    }

    private function own(Point $point): Point
    {
        return (new Point($point->x - $this->placement->at->x, $point->y - $this->placement->at->y))->turned(
            -$this->placement->rotation,
        );
    }
}
