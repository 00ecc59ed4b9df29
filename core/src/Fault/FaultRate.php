<?php

declare(strict_types=1);

namespace Chiralex\Fault;

use Chiralex\Reason\Reason;
use Chiralex\Statistics\Wilson;

/** How many of the kits shipped were reported, with its interval, and what of the reports could not be counted. */
final readonly class FaultRate
{
    /** Kits shipped more recently are mostly not built yet; common practice, no source. */
    public const SETTLED_DAYS = 30;

    private function __construct(
        public int $kits,
        public int $reported,
        public ?float $share,
        public Wilson $interval,
        public int $youngKits,
        public int $youngReports,
        public int $withoutSerial,
        public Reason $reason,
    ) {}

    /**
     * A kit that reports twice counts once; unknown serials and young kits stand apart.
     *
     * @param list<int> $shippedDaysAgo of every kit shipped
     * @param list<ReportedFault> $reports
     */
    public static function of(array $shippedDaysAgo, array $reports): self
    {
        $kits = count(array_filter($shippedDaysAgo, static fn(int $days): bool => $days >= self::SETTLED_DAYS));
        $serials = $young = [];
        $without = 0;
        foreach ($reports as $report) {
            if ($report->serial === null) {
                ++$without;
            } elseif ($report->shippedDaysAgo >= self::SETTLED_DAYS) {
                $serials[$report->serial] = true;
            } else {
                $young[] = $report;
            }
        }
        $hits = count($serials);
        $interval = Wilson::of($hits, max($kits, $hits));

        return new self(
            $kits,
            $hits,
            $kits === 0 ? null : $hits / $kits,
            $interval,
            count($shippedDaysAgo) - $kits,
            count($young),
            $without,
            new Reason('faults.rate', [
                'reported' => $hits,
                'kits' => $kits,
                'days' => self::SETTLED_DAYS,
                'low' => round(100 * $interval->low, 1),
                'high' => round(100 * $interval->high, 1),
            ]),
        );
    }
}
