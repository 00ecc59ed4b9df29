<?php

declare(strict_types=1);

namespace Chiralex\Supply\Cost;

use Brick\Math\BigRational;

/** One step of the stair: what a kit costs more by it, in the main unit of the currency, not rounded. */
final readonly class CostStep
{
    /**
     * @param BigRational $low where the amount is not known for sure, between this
     * @param BigRational $high and this, nineteen times in twenty
     * @param array<string, string> $figures what it is made of, by the words that ask for them
     */
    public function __construct(
        public StepKind $kind,
        public BigRational $amount,
        public BigRational $low,
        public BigRational $high,
        public array $figures = [],
    ) {}

    /** @param array<string, string> $figures */
    public static function sure(StepKind $kind, BigRational $amount, array $figures = []): self
    {
        return new self($kind, $amount, $amount, $amount, $figures);
    }
}
