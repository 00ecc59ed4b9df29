<?php

declare(strict_types=1);

namespace Chiralex\Supply\Cost;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;

/** What a shop says of its costs; amounts in the main unit of its currency. */
final readonly class CostRates
{
    /**
     * @param BigDecimal $hour what an hour of work costs
     * @param BigDecimal $feeShare of the price that goes to whoever takes the money, 0..1
     * @param BigDecimal $feeFixed and of each order
     * @param BigDecimal $shipping box and postage that the shop pays of each kit
     * @param BigDecimal $reportMinutes of work on one report
     * @param BigDecimal $reportCost parts and postage of one report, in the mean
     */
    public function __construct(
        public BigDecimal $hour,
        public BigDecimal $feeShare,
        public BigDecimal $feeFixed,
        public BigDecimal $shipping,
        public BigDecimal $reportMinutes,
        public BigDecimal $reportCost,
    ) {}

    public static function of(
        string $hour,
        string $feeShare,
        string $feeFixed,
        string $shipping,
        string $reportMinutes,
        string $reportCost,
    ): self {
        return new self(
            BigDecimal::of($hour),
            BigDecimal::of($feeShare),
            BigDecimal::of($feeFixed),
            BigDecimal::of($shipping),
            BigDecimal::of($reportMinutes),
            BigDecimal::of($reportCost),
        );
    }

    /** What one report costs: the work on it, parts and postage. */
    public function report(): BigRational
    {
        return BigRational::of($this->reportMinutes)->multipliedBy($this->hour)->dividedBy(60)->plus($this->reportCost);
    }
}
