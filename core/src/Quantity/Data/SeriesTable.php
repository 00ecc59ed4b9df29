<?php

declare(strict_types=1);

namespace Chiralex\Quantity\Data;

/**
 * Preferred number series, IEC 60063: E3, E6, E12, E24 as two-figure numbers, E48, E96, E192 as three-figure numbers.
 *
 * E24 has published exceptions to the rounding rule (2.7 to 4.7 and 8.2); E192 has one (9.20 instead of 9.19).
 */
final readonly class SeriesTable
{
    public const E24 = [10, 11, 12, 13, 15, 16, 18, 20, 22, 24, 27, 30, 33, 36, 39, 43, 47, 51, 56, 62, 68, 75, 82, 91];

    /**
     * @return list<int> the members of one decade: 10..91 up to E24, 100..988 above
     */
    public static function members(int $size): array
    {
        if ($size <= 24) {
            $step = intdiv(24, $size);

            return array_values(
                array_filter(self::E24, static fn(int $index): bool => $index % $step === 0, ARRAY_FILTER_USE_KEY),
            );
        }
        $members = [];
        for ($i = 0; $i < $size; ++$i) {
            $rounded = (int) round(10 ** ($i / $size) * 100);
            $members[] = $rounded === 919 ? 920 : $rounded;
        }

        return $members;
    }
}
