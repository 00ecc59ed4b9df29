<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

/**
 * The batch that costs least a year: its parts, its set-up as often as it is made, and what lies in stock, half of it in the mean.
 *
 * Where a kit costs the same in every batch it is the square root of 2 D S / (h c): F. W. Harris, Factory, The Magazine of Management 10
 * (1913) 135-136, from memory.
 */
final readonly class BestBatch
{
    private function __construct(public int $kits, public float $year) {}

    /**
     * @param array<int, ?float> $each batch to what the parts of one kit cost in it; null where it cannot be bought
     * @param float $demand kits a year, above 0
     * @param float $setUp of each batch, in the same money
     * @param float $holding share of its worth that a kit in stock costs a year
     * @return ?self the smallest of equals; null where no batch can be bought
     */
    public static function of(array $each, float $demand, float $setUp, float $holding): ?self
    {
        $best = null;
        foreach ($each as $kits => $cost) {
            if ($cost === null) {
                continue;
            }
            $year = $demand * $cost + ($demand / $kits) * $setUp + ($holding * $cost * $kits) / 2;
            if ($best === null || $year < $best->year - 1e-9) {
                $best = new self($kits, $year);
            }
        }

        return $best;
    }
}
