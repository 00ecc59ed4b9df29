<?php

declare(strict_types=1);

namespace Chiralex\Supply;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Chiralex\Statistics\Hypergeometric;
use Chiralex\Supply\Data\SamplingTable;

/** Incoming check: how many pieces of a lot to measure. */
final readonly class Sampling
{
    /** Accept numbers of the plans for a single lot. */
    private const ACCEPTS = [0, 1, 2];
    /** A chance that is the risk to the last digit is no greater. */
    private const EPSILON = 1e-12;

    /**
     * A lot of a series, by ISO 2859-1.
     *
     * @param int $lot pieces, 1 or more
     * @param int<0, 15> $aql number in the table's series
     * @return array{letter: string, plan: SamplingPlan} the letter before arrows
     */
    public static function series(int $lot, int $aql, InspectionLevel $level): array
    {
        $letter = SamplingTable::letter($lot, $level);
        [$row, $accept] = SamplingTable::plan($letter, $aql);

        return [
            'letter' => SamplingTable::LETTERS[$letter],
            'plan' => new SamplingPlan(min($lot, SamplingTable::SAMPLES[$row]), $accept),
        ];
    }

    /**
     * A lot that stands alone: for each accept number the least sample with which a lot as bad as the worst passes no oftener than the risk.
     *
     * @param int $lot pieces, 1 or more
     * @param BigDecimal $worst share of bad pieces, above 0 and at most 1
     * @param float $risk above 0 and below 1
     * @return list<SamplingPlan> those left out that no sample of the lot can do
     */
    public static function single(int $lot, BigDecimal $worst, float $risk): array
    {
        $bad = $worst->multipliedBy($lot)->toScale(0, RoundingMode::CEILING)->toInt();
        $plans = [];
        foreach (self::ACCEPTS as $accept) {
            $passes = static fn(int $sample): bool => Hypergeometric::atMost($accept, $lot, $bad, $sample) >
                $risk + self::EPSILON;
            if ($passes($lot)) {
                continue;
            }
            [$low, $high] = [0, $lot];
            while ($high - $low > 1) {
                $middle = intdiv($low + $high, 2);
                [$low, $high] = $passes($middle) ? [$middle, $high] : [$low, $middle];
            }
            $plans[] = new SamplingPlan($high, $accept);
        }

        return $plans;
    }
}
