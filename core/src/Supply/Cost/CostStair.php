<?php

declare(strict_types=1);

namespace Chiralex\Supply\Cost;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Chiralex\Statistics\Wilson;

/**
 * What a kit costs, step by step, and the price that leaves a margin. A share of the price goes to fees, so that the fees are known once the
 * price is; everything is exact, and a price is rounded once, up to the next minor unit.
 */
final readonly class CostStair
{
    /** Decimals of a share that was counted. */
    private const DECIMALS = 9;

    /** @param list<CostStep> $steps all but the share of the fees, in the order of the stair */
    private function __construct(public array $steps, private CostRates $rates) {}

    /**
     * @param int $shipped kits that left long enough ago
     * @param int $reported of them
     */
    public static function of(Batch $batch, CostRates $rates, int $shipped, int $reported): self
    {
        $each = static fn(BigDecimal $of): BigRational => BigRational::of($of)->dividedBy($batch->kits);
        $work = static fn(BigDecimal $minutes): BigRational => BigRational::of($minutes)
            ->multipliedBy($rates->hour)
            ->dividedBy(60);
        $kits = (string) $batch->kits;

        return new self(
            [
                CostStep::sure(StepKind::Parts, $each($batch->parts), [
                    'batch' => (string) $batch->parts,
                    'kits' => $kits,
                ]),
                CostStep::sure(StepKind::Spares, $each($batch->spares), [
                    'batch' => (string) $batch->spares,
                    'kits' => $kits,
                ]),
                CostStep::sure(StepKind::Bags, BigRational::of($batch->bags)),
                CostStep::sure(
                    StepKind::SetUp,
                    $each($batch->setUp)->plus($work($batch->setUpMinutes)->dividedBy($batch->kits)),
                    [
                        'batch' => (string) $batch->setUp,
                        'minutes' => (string) $batch->setUpMinutes,
                        'hour' => (string) $rates->hour,
                        'kits' => $kits,
                    ],
                ),
                CostStep::sure(StepKind::Packing, $work($batch->kitMinutes), [
                    'minutes' => (string) $batch->kitMinutes,
                    'hour' => (string) $rates->hour,
                ]),
                CostStep::sure(StepKind::Shipping, BigRational::of($rates->shipping)),
                CostStep::sure(StepKind::Fees, BigRational::of($rates->feeFixed), [
                    'share' => (string) $rates->feeShare,
                    'fixed' => (string) $rates->feeFixed,
                ]),
                self::support($rates, $shipped, $reported),
            ],
            $rates,
        );
    }

    /** What one report costs, times how often a kit is reported; nothing is counted before a kit is old enough to be. */
    private static function support(CostRates $rates, int $shipped, int $reported): CostStep
    {
        $report = $rates->report();
        $share = static fn(float $of): BigRational => $report->multipliedBy(
            BigDecimal::of(sprintf('%.' . self::DECIMALS . 'f', $of)),
        );
        $figures = [
            'reported' => (string) $reported,
            'shipped' => (string) $shipped,
            'report' => (string) $report->toScale(2, RoundingMode::HALF_UP),
            'minutes' => (string) $rates->reportMinutes,
        ];
        if ($shipped < 1) {
            return CostStep::sure(StepKind::Support, BigRational::zero(), $figures);
        }
        $interval = Wilson::of(max(0, $reported), $shipped);

        return new CostStep(
            StepKind::Support,
            $report->multipliedBy($reported)->dividedBy($shipped),
            $share($interval->low),
            $share($interval->high),
            $figures,
        );
    }

    /** All steps, the share of the fees apart. */
    public function cost(): BigRational
    {
        return $this->sum(static fn(CostStep $step): BigRational => $step->amount);
    }

    /** Between this and `highest` nineteen times in twenty. */
    public function lowest(): BigRational
    {
        return $this->sum(static fn(CostStep $step): BigRational => $step->low);
    }

    public function highest(): BigRational
    {
        return $this->sum(static fn(CostStep $step): BigRational => $step->high);
    }

    /**
     * The least price that leaves this share of it: p with p - cost - fees p = margin p.
     *
     * @param BigDecimal $margin 0..1
     * @return ?BigDecimal two decimals, rounded up; null where fees and margin together leave nothing
     */
    public function priceFor(BigDecimal $margin): ?BigDecimal
    {
        $left = BigRational::one()->minus($this->rates->feeShare)->minus($margin);

        return $left->isLessThanOrEqualTo(0) ? null : $this->cost()->dividedBy($left)->toScale(2, RoundingMode::UP);
    }

    /** @param BigDecimal $price above 0 */
    public function marginAt(BigDecimal $price): BigRational
    {
        return $this->left($price)->dividedBy($price);
    }

    /** What is left of a price once everything is paid; below 0 where it is too low. */
    public function left(BigDecimal $price): BigRational
    {
        return BigRational::of($price)->minus($this->cost())->minus($this->feesOf($price));
    }

    /** The share of a price that goes to fees. */
    public function feesOf(BigDecimal $price): BigRational
    {
        return BigRational::of($price)->multipliedBy($this->rates->feeShare);
    }

    /**
     * The price of a class pack with its discount, and the margin that it leaves; fixed fees and shipping are paid once.
     *
     * @param int $kits of the pack
     * @param BigDecimal $discount 0..1
     * @return array{price: BigDecimal, margin: BigRational}
     */
    public function pack(int $kits, BigDecimal $price, BigDecimal $discount): array
    {
        $packed = $price
            ->multipliedBy($kits)
            ->multipliedBy(BigDecimal::one()->minus($discount))
            ->toScale(2, RoundingMode::HALF_UP);
        $once = BigRational::of($this->rates->feeFixed)->plus($this->rates->shipping);
        $cost = $this->cost()->minus($once)->multipliedBy($kits)->plus($once)->plus($this->feesOf($packed));

        return [
            'price' => $packed,
            'margin' => $packed->isZero()
                ? BigRational::zero()
                : BigRational::of($packed)->minus($cost)->dividedBy($packed),
        ];
    }

    /** @param callable(CostStep): BigRational $of */
    private function sum(callable $of): BigRational
    {
        return array_reduce(
            $this->steps,
            static fn(BigRational $sum, CostStep $step): BigRational => $sum->plus($of($step)),
            BigRational::zero(),
        );
    }
}
