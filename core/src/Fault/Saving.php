<?php

declare(strict_types=1);

namespace Chiralex\Fault;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Chiralex\Statistics\Wilson;

/** What mending a cause saves: its share of kits, times what a report costs, times the kits that leave in ninety days. */
final readonly class Saving
{
    public const DAYS = 90;
    private const WEEK = 7;
    private const DECIMALS = 9;

    /**
     * @param BigRational $each of a kit, in the shop's currency
     * @param BigRational $low between this and `high` nineteen times in twenty
     * @param BigRational $kits that leave in ninety days, as many a week as lately
     * @param BigRational $calls reports of it among them
     */
    private function __construct(
        public BigRational $each,
        public BigRational $low,
        public BigRational $high,
        public BigRational $kits,
        public BigRational $calls,
    ) {}

    /**
     * @param int $reported kits reported for it
     * @param int $all kits that count
     * @param BigRational $report what one report costs
     * @param int $ordered kits ordered in the weeks that are looked at
     * @param int<1, max> $weeks
     * @return ?self null before a kit is old enough to count
     */
    public static function of(int $reported, int $all, BigRational $report, int $ordered, int $weeks): ?self
    {
        if ($all < 1) {
            return null;
        }
        $interval = Wilson::of(max(0, $reported), $all);
        $share = static fn(float $of): BigRational => $report->multipliedBy(
            BigDecimal::of(sprintf('%.' . self::DECIMALS . 'f', $of)),
        );
        $kits = BigRational::of($ordered)
            ->multipliedBy(self::DAYS)
            ->dividedBy($weeks * self::WEEK);

        return new self(
            $report->multipliedBy($reported)->dividedBy($all),
            $share($interval->low),
            $share($interval->high),
            $kits,
            $kits->multipliedBy($reported)->dividedBy($all),
        );
    }

    /** In ninety days. */
    public function total(): BigRational
    {
        return $this->each->multipliedBy($this->kits);
    }
}
