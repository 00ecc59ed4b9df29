<?php

declare(strict_types=1);

namespace ChiralexRender;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;

/** Lengths as the maker wants them printed: millimetres, inches, or both; an inch is 25.4 mm exactly. */
final readonly class LengthText
{
    /** @param string $units `mm`, `inch` or `both` */
    public function __construct(private string $units) {}

    /** @param string $millimetres plain decimal string, a comma read as a point */
    public function of(string $millimetres, string $point = '.'): string
    {
        $plain = str_replace(',', '.', $millimetres);

        return match ($this->units) {
            'inch' => $this->inch($plain, $point),
            'both' => str_replace('.', $point, $plain) . "\u{2009}mm (" . $this->inch($plain, $point) . ')',
            default => str_replace('.', $point, $plain) . "\u{2009}mm",
        };
    }

    /** Two lengths with one unit: `3 to 5 mm`. */
    public function between(string $low, string $high, string $to, string $point = '.'): string
    {
        return match ($this->units) {
            'inch' => "{$this->number($low, $point)} {$to} {$this->inch($high, $point)}",
            'both' => str_replace('.', $point, "{$low} {$to} {$high}") .
                "\u{2009}mm ({$this->number($low, $point)} {$to} {$this->inch($high, $point)})",
            default => str_replace('.', $point, "{$low} {$to} {$high}") . "\u{2009}mm",
        };
    }

    private function inch(string $millimetres, string $point): string
    {
        return "{$this->number($millimetres, $point)}\u{2009}in";
    }

    /** Hundredths of an inch; thousandths below a tenth. */
    private function number(string $millimetres, string $point): string
    {
        try {
            $length = BigDecimal::of($millimetres);
            $inch = $length
                ->dividedBy('25.4', $length->abs()->isLessThan('2.54') ? 3 : 2, RoundingMode::HALF_UP)
                ->stripTrailingZeros();
        } catch (MathException) {
            return $millimetres;
        }

        return str_replace('.', $point, (string) $inch);
    }
}
