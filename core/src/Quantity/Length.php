<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Chiralex\Quantity\Exception\InvalidQuantity;

/** A length in millimetres, exact while it is text. */
final readonly class Length
{
    private const UNITS = ['mm' => '1', 'cm' => '10', 'm' => '1000', 'mil' => '0.0254', 'mils' => '0.0254', 'in' => '25.4', 'inch' => '25.4', '"' => '25.4', "\u{00B5}m" => '0.001', 'um' => '0.001'];

    private function __construct(public BigDecimal $millimetres) {}

    /**
     * A length as typed: `12.3`, `12,3mm`, `0.5in`, `500mil`.
     *
     * @param string $unit the unit of a number that carries none
     * @throws InvalidQuantity when the text is no length
     */
    public static function parse(string $text, string $unit = 'mm'): self
    {
        if (preg_match('~^\s*([+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:[eE][+-]?\d+)?)\s*(mm|cm|mils?|in(?:ch)?|"|\x{00B5}m|um|m)?\s*$~u', $text, $found) !== 1) {
            throw InvalidQuantity::notLength($text);
        }
        $factor = self::UNITS[$found[2] ?? $unit] ?? self::UNITS[$unit] ?? '1';
        try {
            return new self(BigDecimal::of(str_replace(',', '.', $found[1]))->multipliedBy($factor));
        } catch (MathException) {
            throw InvalidQuantity::notLength($text);
        }
    }

    public static function isUnit(string $text): bool
    {
        return isset(self::UNITS[strtolower($text)]);
    }

    public function toFloat(): float
    {
        return $this->millimetres->toFloat();
    }
}
