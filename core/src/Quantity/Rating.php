<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Chiralex\Limits;
use Chiralex\Quantity\Exception\InvalidQuantity;

/** A rating or a tolerance, exact: `1/4W`, `25 V`, `500mA`, `5%`. */
final readonly class Rating
{
    private const NUMBER = '(?<number>\d+\/[1-9]\d*|\d+(?:[.,]\d+)?|[.,]\d+)';
    private const SCALE = ['' => 0, 'm' => -3, 'k' => 3];

    private function __construct(public BigDecimal $amount, public RatingUnit $unit) {}

    /** @throws InvalidQuantity when the text is no rating; it names the first character that does not fit */
    public static function parse(string $text): self
    {
        if (strlen($text) > Limits::VALUE_SIGNS) {
            throw InvalidQuantity::tooLong($text, Limits::VALUE_SIGNS);
        }
        $plain = trim(str_replace(["\u{00A0}", "\u{2009}", "\u{202F}"], ' ', $text));
        if (preg_match('~^(?:\x{00B1}|\+/?-)?\s*' . self::NUMBER . '\s*(?<rest>.*)$~us', $plain, $found) !== 1) {
            throw InvalidQuantity::notRating($text, 0);
        }
        $read =
            self::unit($found['rest']) ??
            throw InvalidQuantity::notRating($text, mb_strlen($plain) - mb_strlen($found['rest']));
        try {
            $number = str_replace(',', '.', $found['number']);
            $amount = BigRational::of($number[0] === '.' ? "0{$number}" : $number)->toBigDecimal();
        } catch (MathException) {
            throw InvalidQuantity::notRating($text, 0);
        }

        $amount = $read[1] < 0 ? $amount->withPointMovedLeft(-$read[1]) : $amount->withPointMovedRight($read[1]);
        if ($amount->toFloat() >= Limits::NUMBER) {
            throw InvalidQuantity::tooLarge($text);
        }

        return new self($amount->stripTrailingZeros(), $read[0]);
    }

    /** The first rating of a unit among other words: `metal film 0.6 W 1 %`; null when there is none. */
    public static function find(string $text, RatingUnit $unit): ?self
    {
        $words = implode('|', array_map(static fn(string $word): string => preg_quote($word, '~'), $unit->spellings()));
        if (
            preg_match(
                '~(?<![\w.,/])((?:\d+/[1-9]\d*|\d+(?:[.,]\d+)?|[.,]\d+)\s*[mk]?(?:' . $words . '))(?![\w%])~iu',
                $text,
                $found,
            ) !== 1
        ) {
            return null;
        }
        try {
            return self::parse($found[1]);
        } catch (InvalidQuantity) {
            return null;
        }
    }

    public function toFloat(): float
    {
        return $this->amount->toFloat();
    }

    /** House style: the number, a thin space U+2009, the unit; below one in thousandths but for percent. */
    public function display(): string
    {
        $small = $this->unit !== RatingUnit::Percent && $this->amount->isPositive() && $this->amount->isLessThan('0.1');
        $number = $small ? $this->amount->withPointMovedRight(3)->stripTrailingZeros() : $this->amount;

        return "{$number}\u{2009}" . ($small ? 'm' : '') . $this->unit->value;
    }

    /** @return ?array{RatingUnit, int} the unit and the power of ten before it */
    private static function unit(string $word): ?array
    {
        foreach (RatingUnit::cases() as $unit) {
            foreach ($unit === RatingUnit::Percent ? ['' => 0] : self::SCALE as $prefix => $power) {
                $matches = array_map(static fn(string $spelling): string => $prefix . $spelling, $unit->spellings());
                if (in_array(mb_strtolower($word), $matches, true)) {
                    return [$unit, $power];
                }
            }
        }

        return null;
    }
}
