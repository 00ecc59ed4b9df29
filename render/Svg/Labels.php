<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

/** Finds a place for each label where it covers no body and no other label, as far as there is one. */
final class Labels
{
    private const WIDE = 0.66;

    /** @var list<array{float, float, float, float}> rectangles taken */
    private array $taken = [];

    public function __construct(
        private readonly float $width,
        private readonly float $height,
        private readonly float $size,
    ) {}

    /** @param array{float, float, float, float} $box left, top, right, bottom */
    public function take(array $box): void
    {
        $this->taken[] = $box;
    }

    /**
     * @param array{float, float, float, float} $box of the body
     * @return array{float, float} middle of the text's baseline
     */
    public function place(string $text, array $box): array
    {
        [$left, $top, $right, $bottom] = $box;
        $w = mb_strlen($text) * $this->size * self::WIDE;
        $h = $this->size;
        $x = ($left + $right) / 2;
        $y = ($top + $bottom) / 2;
        $places = [];
        foreach ([0.25, 0.9, 1.8] as $gap) {
            array_push(
                $places,
                [$x, $bottom + $gap + $h / 2],
                [$x, $top - $gap - $h / 2],
                [$right + $gap + $w / 2, $y],
                [$left - $gap - $w / 2, $y],
            );
            array_push(
                $places,
                [$right - $w / 2, $bottom + $gap + $h / 2],
                [$left + $w / 2, $bottom + $gap + $h / 2],
                [$right - $w / 2, $top - $gap - $h / 2],
                [$left + $w / 2, $top - $gap - $h / 2],
            );
        }
        $best = $places[0];
        $least = INF;
        foreach ($places as $place) {
            $cost = $this->cost([$place[0] - $w / 2, $place[1] - $h / 2, $place[0] + $w / 2, $place[1] + $h / 2]);
            if ($cost < $least - 1e-6) {
                [$best, $least] = [$place, $cost];
            }
            if ($least < 1e-6) {
                break;
            }
        }
        $this->take([$best[0] - $w / 2, $best[1] - $h / 2, $best[0] + $w / 2, $best[1] + $h / 2]);

        return [$best[0], $best[1] + $this->size * 0.36];
    }

    /** @param array{float, float, float, float} $box */
    private function cost(array $box): float
    {
        $cost = 0.0;
        foreach ($this->taken as [$left, $top, $right, $bottom]) {
            $cost +=
                max(0.0, min($box[2], $right) - max($box[0], $left)) *
                max(0.0, min($box[3], $bottom) - max($box[1], $top));
        }
        $out =
            max(0.0, 1.2 - $box[0]) +
            max(0.0, 1.2 - $box[1]) +
            max(0.0, $box[2] - $this->width + 1.2) +
            max(0.0, $box[3] - $this->height + 1.2);

        return $cost + 20 * $out;
    }
}
