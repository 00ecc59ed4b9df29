<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

/** Tolerance letters of IEC 60062; the third-figure and lopsided letters are quoted from memory. */
final readonly class ToleranceLetter
{
    private const PERCENT = [
        'B' => '0.1',
        'C' => '0.25',
        'D' => '0.5',
        'F' => '1',
        'G' => '2',
        'J' => '5',
        'K' => '10',
        'M' => '20',
    ];

    /** Below 10 pF these letters are picofarads. */
    private const PICOFARAD = ['B' => '0.1pF', 'C' => '0.25pF', 'D' => '0.5pF', 'F' => '1pF', 'G' => '2pF'];

    private const LOPSIDED = ['Q' => '-10/+30', 'T' => '-10/+50', 'S' => '-20/+50', 'Z' => '-20/+80'];

    /** The tolerance a letter means behind a value, null where it means none. */
    public static function meaning(string $letter, EngineeringValue $value): ?string
    {
        $letter = strtoupper($letter);
        if ($value->unit !== Unit::Farad) {
            return self::PERCENT[$letter] ?? null;
        }
        if ($value->amount->isLessThan('0.00000000001')) {
            return self::PICOFARAD[$letter] ?? null;
        }

        return self::PERCENT[$letter] ?? (self::LOPSIDED[$letter] ?? null);
    }
}
