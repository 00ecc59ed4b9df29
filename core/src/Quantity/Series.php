<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

use Brick\Math\BigDecimal;
use Chiralex\Quantity\Data\SeriesTable;

/** A preferred number series of IEC 60063; the value is the count of members in a decade. */
enum Series: int
{
    case E3 = 3;
    case E6 = 6;
    case E12 = 12;
    case E24 = 24;
    case E48 = 48;
    case E96 = 96;
    case E192 = 192;

    public function has(EngineeringValue $value): bool
    {
        $figures = self::figures($value->amount);

        return $figures !== null && in_array($figures, $this->texts(), true);
    }

    /** @return list<self> every series the value belongs to, coarsest first */
    public static function of(EngineeringValue $value): array
    {
        return array_values(array_filter(self::cases(), static fn(self $series): bool => $series->has($value)));
    }

    /** True for the values that shops keep: a member of E24 or E96. */
    public static function isUsual(EngineeringValue $value): bool
    {
        return self::E24->has($value) || self::E96->has($value);
    }

    /** The tolerance in percent that goes with the series (IEC 60063). */
    public function tolerance(): string
    {
        return match ($this) {
            self::E3 => '40',
            self::E6 => '20',
            self::E12 => '10',
            self::E24 => '5',
            self::E48 => '2',
            self::E96 => '1',
            self::E192 => '0.5',
        };
    }

    /** The member nearest to a positive value by ratio; of two equally near the smaller. */
    public function nearest(EngineeringValue $value): EngineeringValue
    {
        $best = null;
        $least = INF;
        $target = $value->amount->toFloat();
        $decade = (int) floor(log10($target));
        foreach ([$decade - 1, $decade, $decade + 1] as $power) {
            foreach (SeriesTable::members($this->value) as $member) {
                $exponent = $power - ($this->value <= 24 ? 1 : 2);
                $distance = abs(log(($member * 10.0 ** $exponent) / $target));
                if ($distance < $least - 1e-12) {
                    [$best, $least] = [[$member, $exponent], $distance];
                }
            }
        }

        return $best === null ? $value : EngineeringValue::scaled((string) $best[0], $best[1], $value->unit);
    }

    /** @return list<string> members as figures without trailing zeros */
    private function texts(): array
    {
        return array_map(
            static fn(int $member): string => rtrim((string) $member, '0'),
            SeriesTable::members($this->value),
        );
    }

    /** The significant figures of a number without leading or trailing zeros, null for zero. */
    private static function figures(BigDecimal $amount): ?string
    {
        $digits = trim((string) $amount->getUnscaledValue(), '0');

        return $digits === '' ? null : $digits;
    }
}
