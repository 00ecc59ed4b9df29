<?php

declare(strict_types=1);

namespace Chiralex\Supply;

use Chiralex\Statistics\BetaBinomial;

/**
 * How fast a shop packs, from the days it looks back on. A day to come is one with packing by a chance that is Beta distributed, with
 * Jeffreys' prior; the kits of such a day are drawn from those that were counted. So a day can be named by which so many are packed, with
 * the chance that it is kept. Today counts for nothing.
 */
final readonly class Pace
{
    /** Days; what is later is not told. */
    public const FAR = 120;
    /** A day is promised when it is kept so often at least. */
    public const KEPT = 0.9;
    private const PRIOR = 0.5;
    private const NIL = 1e-9;

    /**
     * @param int $days looked back on, at least 1
     * @param list<int<1, max>> $packed kits of each of those days on which any were packed; at most as many as there are days
     */
    public function __construct(public int $days, public array $packed) {}

    /**
     * @param list<int> $left kits to pack until each run is done, those before it among them
     * @return list<?array{int, float}> for each the first day from today that is kept, with its chance; null beyond `FAR`, or where nothing was packed yet
     */
    public function days(array $left): array
    {
        if ($this->packed === [] || $left === []) {
            return array_fill(0, count($left), null);
        }
        $enough = $this->enough($left);

        return array_map(fn(array $shares): ?array => $this->first($shares), $enough);
    }

    /**
     * @param list<float> $enough chance that so many days with packing are enough, from nought on
     * @return ?array{int, float}
     */
    private function first(array $enough): ?array
    {
        [$low, $high] = [0, self::FAR];
        if ($this->chance($enough, $high) < self::KEPT) {
            return null;
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if ($this->chance($enough, $middle) < self::KEPT) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return [$high, $this->chance($enough, $high)];
    }

    /** @param list<float> $enough */
    private function chance(array $enough, int $days): float
    {
        $with = count($this->packed);
        $sum = 0.0;
        for ($packing = 0; $packing <= $days; ++$packing) {
            $sum +=
                BetaBinomial::share($packing, $days, $with + self::PRIOR, $this->days - $with + self::PRIOR) *
                ($enough[$packing] ?? 1.0);
        }

        return min(1.0, $sum);
    }

    /**
     * @param list<int> $left
     * @return list<list<float>> for each, the chance that nought, one, two … days with packing are enough; what follows is certain
     */
    private function enough(array $left): array
    {
        $most = max(1, ...$left);
        $share = 1.0 / count($this->packed);
        $kits = array_count_values($this->packed);
        $enough = array_map(static fn(int $kits): array => [$kits <= 0 ? 1.0 : 0.0], $left);
        /** @var array<int, float> $sums chance of each sum that is too few for the most */
        $sums = [0 => 1.0];
        for ($day = 1; $day <= self::FAR && array_sum($sums) > self::NIL; ++$day) {
            $next = [];
            foreach ($sums as $sum => $chance) {
                foreach ($kits as $many => $times) {
                    if ($sum + $many < $most) {
                        $next[$sum + $many] = ($next[$sum + $many] ?? 0.0) + $chance * $times * $share;
                    }
                }
            }
            $sums = $next;
            foreach ($left as $at => $wanted) {
                $few = array_filter($sums, static fn(int $sum): bool => $sum < $wanted, ARRAY_FILTER_USE_KEY);
                $enough[$at][] = 1.0 - array_sum($few);
            }
        }

        return $enough;
    }
}
