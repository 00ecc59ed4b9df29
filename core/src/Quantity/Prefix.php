<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

/** SI prefixes as makers write them; the value is the power of ten. */
enum Prefix: int
{
    case Pico = -12;
    case Nano = -9;
    case Micro = -6;
    case Milli = -3;
    case One = 0;
    case Kilo = 3;
    case Mega = 6;
    case Giga = 9;

    /** The letter printed before a unit; micro is the micro sign U+00B5. */
    public function symbol(): string
    {
        return match ($this) {
            self::Pico => 'p',
            self::Nano => 'n',
            self::Micro => "\u{00B5}",
            self::Milli => 'm',
            self::One => '',
            self::Kilo => 'k',
            self::Mega => 'M',
            self::Giga => 'G',
        };
    }

    /** The prefix before the unit of a reading, in any spelling; `u` stands for micro where the keyboard has no other. */
    public static function ofReading(string $sign): ?self
    {
        return match ($sign) {
            'p' => self::Pico,
            'n' => self::Nano,
            'u', "\u{00B5}", "\u{03BC}" => self::Micro,
            'm' => self::Milli,
            '' => self::One,
            'k' => self::Kilo,
            'M' => self::Mega,
            'G' => self::Giga,
            default => null,
        };
    }

    /** The prefix a size is printed with: one to three figures before the point. */
    public static function forSize(float $size): self
    {
        return $size <= 0.0 || !is_finite($size)
            ? self::One
            : self::from(max(-12, min(9, 3 * (int) floor(log10($size * (1 + 1e-9)) / 3))));
    }

    /**
     * The prefix a letter means for a unit, or null when it means none there.
     *
     * `M` is mega for resistors; `m` is milli except for capacitors of old lists, which never carry millifarads
     * in a kit but are read as written. `R` is the decimal point of a resistor, `E` its older spelling.
     */
    public static function fromLetter(string $letter, Unit $unit): ?self
    {
        $common = match ($letter) {
            'p', 'P' => self::Pico,
            'n', 'N' => self::Nano,
            'u', 'U', "\u{00B5}", "\u{03BC}" => self::Micro,
            'm' => self::Milli,
            default => null,
        };

        return match ($unit) {
            Unit::Ohm => match ($letter) {
                'R', 'r', 'E' => self::One,
                'k', 'K' => self::Kilo,
                'M' => self::Mega,
                'G', 'g' => self::Giga,
                'm' => self::Milli,
                default => null,
            },
            Unit::Farad, Unit::Henry => $common,
        };
    }

    /** @return list<self> prefixes used in print for a unit, largest first */
    public static function printedFor(Unit $unit): array
    {
        return match ($unit) {
            Unit::Ohm => [self::Giga, self::Mega, self::Kilo, self::One],
            Unit::Farad => [self::Micro, self::Nano, self::Pico],
            Unit::Henry => [self::One, self::Milli, self::Micro, self::Nano],
        };
    }
}
