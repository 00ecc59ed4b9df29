<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

use Chiralex\Kit\Weighing;

/** What the pieces of one line weigh, from several weighings of different counts. */
final readonly class LineMass
{
    /** Weighings below which nothing is told of how the pieces differ. */
    public const LEAST = 5;

    /**
     * @param int $weighings w
     * @param int $pieces N, weighed in all
     * @param float $mean m, grams a piece
     * @param float $variance s squared, of one piece
     */
    private function __construct(
        public int $weighings,
        public int $pieces,
        public float $mean,
        public float $variance,
    ) {}

    /**
     * m = sum g / sum n; s^2 = max(sum((g - n m)^2 / n) / (w - 1), d^2 / (12 mean n)): a scale tells no finer than its division.
     *
     * @param list<Weighing> $weighings
     * @return ?self null with fewer than five weighings
     */
    public static function of(array $weighings, float $division): ?self
    {
        $count = count($weighings);
        if ($count < self::LEAST) {
            return null;
        }
        $pieces = array_sum(array_map(static fn(Weighing $each): int => $each->pieces, $weighings));
        $mean = array_sum(array_map(static fn(Weighing $each): float => $each->grams, $weighings)) / $pieces;
        $squares = array_sum(
            array_map(
                static fn(Weighing $each): float => ($each->grams - $each->pieces * $mean) ** 2 / $each->pieces,
                $weighings,
            ),
        );

        return new self(
            $count,
            $pieces,
            $mean,
            max($squares / ($count - 1), $division ** 2 / ((12.0 * $pieces) / $count)),
        );
    }

    /** What was worked out before and kept. */
    public static function standing(int $weighings, int $pieces, float $mean, float $variance): self
    {
        return new self($weighings, $pieces, $mean, $variance);
    }

    /** Variance of the mass of so many pieces, that of the mean included; grams squared. */
    public function varianceOf(int $pieces): float
    {
        return $pieces * $this->variance + ($pieces ** 2 * $this->variance) / $this->pieces;
    }
}
