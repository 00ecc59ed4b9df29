<?php

declare(strict_types=1);

namespace Chiralex\Marking;

use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Prefix;
use Chiralex\Quantity\Unit;

/** The ways in which boards print a value: `4.7k`, `4k7`, `4700`, `100nF`, `0.1u`, `104`; common practice, no source. */
final readonly class Spellings
{
    /** A unit a thousand times as large is written too where the number stays this short. */
    private const SHORT = 4;

    /** @return list<string> each once */
    public static function of(EngineeringValue $value): array
    {
        [$number, $prefix] = $value->engineering();
        $larger = Prefix::tryFrom($prefix->value + 3);
        $texts = [
            ...self::with($number, $prefix, $value->unit),
            ...$larger === null
                ? []
                : self::with(EngineeringValue::scaled($number, -3, $value->unit)->plain(), $larger, $value->unit),
            ...$value->unit === Unit::Ohm ? [$value->plain()] : [],
        ];
        $codes = new MarkingWriter();
        $texts = [...$texts, $codes->three($value), $codes->four($value)];

        return array_values(
            array_unique(array_filter($texts, static fn(?string $text): bool => $text !== null && strlen($text) >= 2)),
        );
    }

    /** @return list<string> */
    private static function with(string $number, Prefix $prefix, Unit $unit): array
    {
        $sign = $prefix === Prefix::One && $unit === Unit::Ohm ? 'R' : $prefix->symbol();
        $letter = $unit === Unit::Ohm ? '' : $unit->symbol();
        if (strlen(str_replace('.', '', $number)) > self::SHORT) {
            return [];
        }

        return [
            $number . $sign,
            $number . $prefix->symbol() . ($letter === '' ? $unit->symbol() : $letter),
            ...str_contains($number, '.') ? [str_replace('.', $sign, $number), ltrim($number, '0') . $sign] : [],
        ];
    }
}
