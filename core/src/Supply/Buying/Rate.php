<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

use Brick\Math\BigDecimal;

/** What one unit of a currency is worth in the shop's, as an exact fraction. */
final readonly class Rate
{
    private const DECIMALS = 8;

    private function __construct(public int $numerator, public int $denominator, public BigDecimal $value) {}

    public static function same(): self
    {
        return new self(1, 1, BigDecimal::one());
    }

    /** @return ?self null where it is no number above 0 with eight decimals at most */
    public static function parse(string $text): ?self
    {
        if (preg_match('~^\d{1,6}(?:\.\d{1,8})?$~D', trim($text)) !== 1) {
            return null;
        }
        $value = BigDecimal::of(trim($text));

        return $value->isZero()
            ? null
            : new self(
                $value->withPointMovedRight(self::DECIMALS)->toBigInteger()->toInt(),
                10 ** self::DECIMALS,
                $value,
            );
    }

    /** Minor units in the shop's currency, rounded half up once. */
    public function of(int $minor): int
    {
        $whole = intdiv($minor, $this->denominator);
        $rest = $minor % $this->denominator;

        return $whole * $this->numerator +
            intdiv(2 * $rest * $this->numerator + $this->denominator, 2 * $this->denominator);
    }
}
