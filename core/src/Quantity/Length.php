<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;
use Chiralex\Limits;
use Chiralex\Quantity\Exception\InvalidQuantity;

/** A length in millimetres, exact while it is text. */
final readonly class Length
{
    private const UNITS = [
        'mm' => '1',
        'cm' => '10',
        'm' => '1000',
        'mil' => '0.0254',
        'mils' => '0.0254',
        'in' => '25.4',
        'inch' => '25.4',
        '"' => '25.4',
        "\u{2033}" => '25.4',
        "\u{00B5}m" => '0.001',
        'um' => '0.001',
    ];
    private const NUMBER = '[+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:[eE][+-]?\d{1,3})?';
    /** Inches divide by halves: 1/2 to 1/64. */
    private const FRACTION = '(?:\d+[ -])?\d+\/(?:2|4|8|16|32|64)';

    private function __construct(public BigDecimal $millimetres) {}

    /**
     * A length as typed: `12.3`, `12,3mm`, `0.5in`, `500mil`, `1/8 in`, `1 1/2"`.
     *
     * @param string $unit the unit of a number that carries none
     * @throws InvalidQuantity when the text is no length, naming the first character that does not fit, or beyond every length
     */
    public static function parse(string $text, string $unit = 'mm'): self
    {
        if (strlen($text) > Limits::VALUE_SIGNS) {
            throw InvalidQuantity::tooLong($text, Limits::VALUE_SIGNS);
        }
        $plain = trim(str_replace(["\u{00A0}", "\u{2009}", "\u{202F}"], ' ', $text));
        if (
            preg_match('~^(?<number>' . self::FRACTION . '|' . self::NUMBER . ')\s*(?<rest>.*)$~us', $plain, $found) !==
            1
        ) {
            throw InvalidQuantity::notLength($text, 0);
        }
        $word = $found['rest'] === '' ? $unit : self::unit($found['rest']);
        if (!isset(self::UNITS[$word])) {
            throw InvalidQuantity::notLength($text, mb_strlen($plain) - mb_strlen($found['rest']));
        }
        try {
            $length = self::number($found['number'])
                ->multipliedBy(self::UNITS[$word])
                ->toScale(12, RoundingMode::HALF_UP)
                ->stripTrailingZeros();
        } catch (MathException) {
            throw InvalidQuantity::notLength($text, 0);
        }
        if (abs($length->toFloat()) >= Limits::NUMBER) {
            throw InvalidQuantity::tooLarge($text);
        }

        return new self($length);
    }

    public static function isUnit(string $text): bool
    {
        return isset(self::UNITS[strtolower($text)]);
    }

    public function toFloat(): float
    {
        return $this->millimetres->toFloat();
    }

    /** House style: the number, a thin space U+2009, mm. */
    public function display(): string
    {
        return "{$this->plain()}\u{2009}mm";
    }

    /** Plain decimal string in millimetres. */
    public function plain(): string
    {
        return (string) $this->millimetres;
    }

    private static function unit(string $word): string
    {
        return isset(self::UNITS[$word]) ? $word : strtolower(rtrim($word, '.'));
    }

    /** @throws MathException never for what the patterns let through */
    private static function number(string $text): BigRational
    {
        $rational = BigRational::of(0);
        foreach (preg_split('~(?<=\d)[ -](?=\d+/)~', str_replace(',', '.', $text)) ?: [] as $term) {
            $rational = $rational->plus($term[0] === '.' ? "0{$term}" : rtrim($term, '.'));
        }

        return $rational;
    }
}
