<?php

declare(strict_types=1);

namespace Chiralex\Bagging;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** What a bag costs to fill, and an item on the labelled strip; the defaults are common practice, no source. */
final readonly class BagCosts
{
    /** Plans are weighed in millionths of the currency's unit. */
    private const PARTS = 6;

    private function __construct(
        public BigDecimal $bag,
        public BigDecimal $bagMinutes,
        public BigDecimal $stripMinutes,
        public BigDecimal $minute,
    ) {}

    /** One bag with its label at 0.06, half a minute to open, label and close it, 0.2 minutes an item on the strip, 0.30 a minute. */
    public static function usual(): self
    {
        return self::of('0.06', '0.5', '0.2', '0.30');
    }

    /**
     * @param string $bag money, a decimal number; the others too
     * @param string $minute what a minute of work costs
     */
    public static function of(string $bag, string $bagMinutes, string $stripMinutes, string $minute): self
    {
        return new self(
            BigDecimal::of($bag),
            BigDecimal::of($bagMinutes),
            BigDecimal::of($stripMinutes),
            BigDecimal::of($minute),
        );
    }

    public function ofBag(): BigDecimal
    {
        return $this->bag->plus($this->bagMinutes->multipliedBy($this->minute));
    }

    public function ofStripItem(): BigDecimal
    {
        return $this->stripMinutes->multipliedBy($this->minute);
    }

    /** @return array{int, int} a bag and an item on the strip, in millionths */
    public function weights(): array
    {
        $whole = static fn(BigDecimal $money): int => $money
            ->multipliedBy(10 ** self::PARTS)
            ->toScale(0, RoundingMode::HALF_UP)
            ->toInt();

        return [$whole($this->ofBag()), $whole($this->ofStripItem())];
    }

    /** Of the bags of one kit and the items on their strips; what lies in the box costs nothing here. */
    public function total(int $bags, int $onStrips): BigDecimal
    {
        return $this->ofBag()
            ->multipliedBy($bags)
            ->plus($this->ofStripItem()->multipliedBy($onStrips))
            ->toScale(2, RoundingMode::HALF_UP);
    }
}
