<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

use Chiralex\Statistics\StudentT;

/** Counting pieces on the scale: right while the reading is nearer to the true count than to its neighbours. */
final readonly class CountByWeight
{
    /** How sure a count has to be, and a handful that is dealt without counting again. */
    public const SURE = 0.99;
    public const SURE_HANDFUL = 0.999;

    public function __construct(private LineMass $line, private Scale $scale) {}

    /** The chance that so many pieces are counted right by what is known of the line. */
    public function isRight(int $pieces): float
    {
        return 1.0 - $this->errs(Contents::nothing($this->scale)->with($this->line, $pieces), $this->line->mean);
    }

    /**
     * The largest number of kits whose pieces are taken in one weighing: sure to 0.999.
     *
     * @param int $each pieces a kit takes
     * @param int $most kits
     */
    public function handful(int $each, int $most): int
    {
        $isSure = fn(int $kits): bool => $this->isRight($kits * $each) >= self::SURE_HANDFUL;
        // A larger handful is never surer: the largest is found by halving.
        [$kits, $over] = [0, $most + 1];
        while ($over - $kits > 1) {
            $middle = intdiv($kits + $over, 2);
            [$kits, $over] = $isSure($middle) ? [$middle, $over] : [$kits, $middle];
        }

        return $kits;
    }

    /**
     * How many pieces to count by hand and weigh together, so that a larger count by weight errs in one of a hundred at most. The
     * spread of the pieces is that of the line, the mean is the sample's own.
     *
     * @return ?int null where counting by hand is the only way
     */
    public function sample(int $pieces): ?int
    {
        $errs = fn(int $sample): bool => $this->errsBySample($sample, $pieces) <= 1.0 - self::SURE;
        if (!$errs($pieces)) {
            return null;
        }
        // A larger sample errs less: the least is found by halving.
        [$low, $high] = [0, $pieces];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $errs($middle) ? [$low, $middle] : [$middle, $high];
        }

        return $high;
    }

    private function errsBySample(int $sample, int $pieces): float
    {
        // The count is off by what the pieces scatter, and by what the sample's mean is off, as many times.
        $variance =
            $pieces * $this->line->variance +
            $this->scale->variance() +
            ($pieces / $sample) ** 2 * ($sample * $this->line->variance + $this->scale->variance());

        return 2.0 * StudentT::below((-0.5 * $this->line->mean) / sqrt($variance), $this->line->weighings - 1);
    }

    private function errs(Contents $contents, float $piece): float
    {
        return 2.0 * StudentT::below((-0.5 * $piece) / $contents->deviation(), $contents->freedom());
    }
}
