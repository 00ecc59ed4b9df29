<?php

declare(strict_types=1);

namespace Chiralex\Bench;

/** A closed interval of numbers; outward rounding is left out, for tolerances are coarse against it. */
final readonly class Interval
{
    public function __construct(public float $low, public float $high) {}

    public static function point(float $value): self
    {
        return new self($value, $value);
    }

    public static function everything(): self
    {
        return new self(-INF, INF);
    }

    public function plus(self $other): self
    {
        return new self($this->low + $other->low, $this->high + $other->high);
    }

    public function negated(): self
    {
        return new self(-$this->high, -$this->low);
    }

    public function times(self $other): self
    {
        $products = array_map(static fn(float $product): float => is_nan($product) ? 0.0 : $product, [
            $this->low * $other->low,
            $this->low * $other->high,
            $this->high * $other->low,
            $this->high * $other->high,
        ]);

        return new self(min($products), max($products));
    }

    /** Everything where the divisor may be zero. */
    public function over(self $other): self
    {
        return $other->low <= 0.0 && $other->high >= 0.0
            ? self::everything()
            : $this->times(new self(1 / $other->high, 1 / $other->low));
    }

    public function exp(): self
    {
        return new self(exp($this->low), exp($this->high));
    }

    /** Negative numbers count as zero. */
    public function sqrt(): self
    {
        return new self(sqrt(max(0.0, $this->low)), sqrt(max(0.0, $this->high)));
    }

    /** The least interval that holds both. */
    public function hull(self $other): self
    {
        return new self(min($this->low, $other->low), max($this->high, $other->high));
    }

    public function holds(self $other): bool
    {
        return $this->low <= $other->low && $this->high >= $other->high;
    }

    public function contains(float $value): bool
    {
        $slack = 1e-9 * max(abs($value), 1e-12);

        return $value >= $this->low - $slack && $value <= $this->high + $slack;
    }

    /** Halfway; the closed end where the other is open. */
    public function middle(): float
    {
        return match (true) {
            is_finite($this->low + $this->high) => ($this->low + $this->high) / 2,
            is_finite($this->low) => $this->low,
            default => $this->high,
        };
    }

    public function width(): float
    {
        return $this->high - $this->low;
    }

    /** 1 where every number is positive or zero, -1 where every one is negative or zero, 0 where it cannot be told. */
    public function sign(): int
    {
        return match (true) {
            $this->low >= 0.0 => 1,
            $this->high <= 0.0 => -1,
            default => 0,
        };
    }
}
