<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Chiralex\Quantity\Exception\InvalidQuantity;

/** An exact value in ohm, farad or henry. */
final readonly class EngineeringValue
{
    private function __construct(public BigDecimal $amount, public Unit $unit) {}

    /**
     * A value from a plain decimal string in the unit itself, `47000` for 47 kohm.
     *
     * @throws InvalidQuantity when the string is no decimal number, or negative
     */
    public static function of(string|BigDecimal $amount, Unit $unit): self
    {
        try {
            $amount = BigDecimal::of($amount);
        } catch (MathException) {
            throw InvalidQuantity::notDecimal((string) $amount);
        }
        if ($amount->isNegative()) {
            throw InvalidQuantity::negative((string) $amount);
        }

        return new self($amount->stripTrailingZeros(), $unit);
    }

    /**
     * Mantissa times a power of ten, as marking codes give it.
     *
     * @throws InvalidQuantity when the mantissa is no decimal number, or negative
     */
    public static function scaled(string $mantissa, int $power, Unit $unit): self
    {
        try {
            $amount = BigDecimal::of($mantissa);
        } catch (MathException) {
            throw InvalidQuantity::notDecimal($mantissa);
        }

        return self::of(
            $power >= 0
                ? $amount->multipliedBy(BigDecimal::ofUnscaledValue(1)->withPointMovedRight($power))
                : $amount->withPointMovedLeft(-$power),
            $unit,
        );
    }

    /** The plain decimal string, without exponent or trailing zeros: `0.0000001`. */
    public function plain(): string
    {
        $text = (string) $this->amount;

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** House style: value, thin space U+2009, prefixed unit: `4.7 kohm` with the proper signs. */
    public function display(): string
    {
        [$number, $prefix] = $this->engineering();

        return "{$number}\u{2009}{$prefix->symbol()}{$this->unit->symbol()}";
    }

    /** @return array{string, Prefix} the number before the prefixed unit, and the prefix */
    public function engineering(): array
    {
        $prefixes = Prefix::printedFor($this->unit);
        if ($this->amount->isZero()) {
            return ['0', $this->unit === Unit::Ohm ? Prefix::One : $prefixes[count($prefixes) - 1]];
        }
        $chosen = $prefixes[count($prefixes) - 1];
        foreach ($prefixes as $prefix) {
            if ($this->amount->withPointMovedLeft($prefix->value)->isGreaterThanOrEqualTo(1)) {
                $chosen = $prefix;
                break;
            }
        }
        $number =
            $chosen->value >= 0
                ? $this->amount->withPointMovedLeft($chosen->value)
                : $this->amount->withPointMovedRight(-$chosen->value);
        $text = (string) $number->stripTrailingZeros();

        return [$text, $chosen];
    }

    public function equals(self $other): bool
    {
        return $this->unit === $other->unit && $this->amount->isEqualTo($other->amount);
    }
}
