<?php

declare(strict_types=1);

namespace Chiralex\Statistics;

/**
 * Score interval for a proportion.
 *
 * Source: E. B. Wilson, Journal of the American Statistical Association 22 (1927) 209-212.
 */
final readonly class Wilson
{
    /** Two-sided 95 % quantile of the normal distribution. */
    private const Z95 = 1.959963984540054;

    private function __construct(public float $low, public float $high) {}

    /**
     * @param int<0, max> $hits
     * @param int<0, max> $of at least as many as hits; with 0 the interval is 0 to 1
     */
    public static function of(int $hits, int $of, float $z = self::Z95): self
    {
        if ($of === 0) {
            return new self(0.0, 1.0);
        }
        $share = $hits / $of;
        $square = ($z * $z) / $of;
        $middle = ($share + $square / 2) / (1 + $square);
        $half = ($z / (1 + $square)) * sqrt(($share * (1 - $share)) / $of + $square / (4 * $of));

        return new self($hits === 0 ? 0.0 : max(0.0, $middle - $half), $hits === $of ? 1.0 : min(1.0, $middle + $half));
    }
}
