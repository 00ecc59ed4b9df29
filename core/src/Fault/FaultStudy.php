<?php

declare(strict_types=1);

namespace Chiralex\Fault;

use Chiralex\Fault\Internal\Delays;
use Chiralex\Fault\Internal\FamilyTests;
use Chiralex\Reason\Reason;
use Chiralex\Statistics\Wilson;
use DateTimeImmutable;

/**
 * How many of the kits that left the shop were reported, and whether a revision, a lot, a run or an option has more of them than the
 * rest. A kit that reports twice is one kit; kits that left lately are mostly not built yet and stand apart.
 */
final readonly class FaultStudy
{
    /** Days after which a kit is mostly built; common practice, no source. */
    public const SETTLED_DAYS = 30;

    /**
     * @param int $kits that count
     * @param int $reported of them
     * @param int $withoutSerial reports of no kit that was shipped
     * @param array<string, list<FamilyRow>> $families most kits first
     * @param list<FamilyRow> $causes `dry joint in L2`
     * @param list<ShippedWeek> $weeks the oldest first
     */
    private function __construct(
        public int $kits,
        public int $reported,
        public Wilson $interval,
        public YoungKits $young,
        public int $withoutSerial,
        public array $families,
        public array $causes,
        public array $weeks,
    ) {}

    /**
     * @param list<ShippedKit> $shipped
     * @param list<KitReport> $reports
     * @param DateTimeImmutable $at what is dated later is left out
     */
    public static function of(array $shipped, array $reports, DateTimeImmutable $at): self
    {
        $today = $at->format('Y-m-d');
        $settled = $at->modify('-' . self::SETTLED_DAYS . ' days')->format('Y-m-d');
        $kits = $young = [];
        foreach ($shipped as $kit) {
            if ($kit->date <= $settled) {
                $kits[$kit->serial] = $kit;
            } elseif ($kit->date <= $today) {
                $young[$kit->serial] = $kit;
            }
        }
        $reported = $causes = $first = [];
        $youngReports = $without = 0;
        foreach ($reports as $report) {
            $serial = $report->serial;
            if ($report->date > $today) {
                continue;
            }
            if (isset($kits[$serial])) {
                $reported[$serial] = true;
                foreach ($report->causes as $cause) {
                    $causes[$cause][$serial] = true;
                }
            } elseif (isset($young[$serial])) {
                ++$youngReports;
            } else {
                ++$without;
                continue;
            }
            if (!isset($first[$serial]) || $report->date < $first[$serial]) {
                $first[$serial] = $report->date;
            }
        }
        $tests = new FamilyTests($kits, $reported);

        return new self(
            count($kits),
            count($reported),
            Wilson::of(count($reported), count($kits)),
            new YoungKits(count($young), $youngReports),
            $without,
            $tests->families(),
            $tests->causes($causes),
            ShippedWeek::all([...array_values($kits), ...array_values($young)], $first, new Delays($at)),
        );
    }

    public function reason(): Reason
    {
        return new Reason('faults.rate', [
            'reported' => $this->reported,
            'kits' => $this->kits,
            'days' => self::SETTLED_DAYS,
            'low' => round(100 * $this->interval->low, 1),
            'high' => round(100 * $this->interval->high, 1),
        ]);
    }

    /** @return ?float share of kits that were reported; null without any kit */
    public function rate(): ?float
    {
        return $this->kits === 0 ? null : $this->reported / $this->kits;
    }
}
