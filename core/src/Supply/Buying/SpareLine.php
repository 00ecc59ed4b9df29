<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

use Brick\Math\BigDecimal;

/** A line that may need spares. */
final readonly class SpareLine
{
    /**
     * @param int $row of the parts list
     * @param non-empty-list<string> $designators
     * @param int $pieces k, of one kit
     * @param float $loss chance that a piece is lost or faulty
     * @param BigDecimal $unitCost of a spare, in the shop's currency, not rounded
     */
    public function __construct(
        public int $row,
        public array $designators,
        public int $pieces,
        public float $loss,
        public BigDecimal $unitCost,
    ) {}

    /**
     * Chance that of k + n pieces at most n are bad: the sum over j = 0..n of C(k + n, j) p^j (1 - p)^(k + n - j).
     *
     * @return float natural logarithm of it
     */
    public function goodWith(int $spares): float
    {
        if ($this->loss <= 0.0) {
            return 0.0;
        }
        $all = $this->pieces + $spares;
        $term = (1.0 - $this->loss) ** $all;
        $sum = $term;
        for ($bad = 1; $bad <= $spares; ++$bad) {
            $term *= (($all - $bad + 1) / $bad) * ($this->loss / (1.0 - $this->loss));
            $sum += $term;
        }

        return log(min(1.0, max(1e-300, $sum)));
    }
}
