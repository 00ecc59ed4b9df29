<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

use Chiralex\Kit\Weighing;
use Chiralex\Statistics\StudentT;

/** What whole counted bags weighed, and where the next one lies. */
final readonly class WholeBags
{
    private function __construct(
        public int $bags,
        public float $mean,
        public float $deviation,
        public float $low,
        public float $high,
    ) {}

    /**
     * Prediction interval for one more: mean -+ t(w - 1) s sqrt(1 + 1 / w).
     *
     * @param list<Weighing> $weighings of one bag's contents, several bags at once by their mean
     * @return ?self null with fewer than five
     */
    public static function of(array $weighings, float $alarm): ?self
    {
        $count = count($weighings);
        if ($count < LineMass::LEAST) {
            return null;
        }
        $grams = array_map(static fn(Weighing $each): float => $each->grams / $each->pieces, $weighings);
        $mean = array_sum($grams) / $count;
        $deviation = sqrt(
            array_sum(array_map(static fn(float $each): float => ($each - $mean) ** 2, $grams)) / ($count - 1),
        );
        $half = StudentT::quantile(1.0 - $alarm / 2.0, $count - 1) * $deviation * sqrt(1.0 + 1.0 / $count);

        return new self($count, $mean, $deviation, $mean - $half, $mean + $half);
    }
}
