<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

use Chiralex\Statistics\Normal;

/** How many pieces a heap holds, from its weight and that of a counted sample; between which counts it lies, 99 times in 100. */
final readonly class SampleCount
{
    /** Pieces of one lot differ by this share of their mass; common practice, no source. */
    public const SPREAD = 0.03;
    private const SURE = 0.995;
    private const MOST = 100_000;

    /**
     * @param int $count the nearest whole number
     * @param int $least below which it is not
     * @param int $most above which it is not
     * @param ?int $sample pieces to count by hand and weigh so that the count is sure; null where no sample makes it so
     */
    private function __construct(public int $count, public int $least, public int $most, public ?int $sample) {}

    /**
     * @param int $sample pieces counted by hand, at least 1
     * @param float $sampleGrams their weight, above 0
     * @param float $grams weight of all, the sample among them or not, 0 or more
     */
    public static function of(int $sample, float $sampleGrams, float $grams, Scale $scale): self
    {
        $piece = $sampleGrams / $sample;
        $many = min(self::MOST, $grams / $piece);
        $half = self::half($many, $sample, $piece, $scale);
        $count = (int) round($many);

        return new self(
            $count,
            max(0, min($count, (int) ceil($many - $half))),
            max($count, (int) floor($many + $half)),
            self::needed($many, $piece, $scale),
        );
    }

    /** True when no other count is likely. */
    public function isSure(): bool
    {
        return $this->least === $this->most;
    }

    /** Half of the interval, in pieces. */
    private static function half(float $many, int $sample, float $piece, Scale $scale): float
    {
        $reading = $scale->variance() / $piece ** 2;
        $variance =
            $many * self::SPREAD ** 2 + $reading + ($many / $sample) ** 2 * ($sample * self::SPREAD ** 2 + $reading);

        return Normal::quantile(self::SURE) * sqrt($variance);
    }

    private static function needed(float $many, float $piece, Scale $scale): ?int
    {
        $isSure = static fn(int $sample): bool => self::half($many, $sample, $piece, $scale) < 0.5;
        $most = max(1, (int) floor($many));
        if (!$isSure($most)) {
            return null;
        }
        [$low, $high] = [0, $most];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $isSure($middle) ? [$low, $middle] : [$middle, $high];
        }

        return $high;
    }
}
