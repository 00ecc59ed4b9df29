<?php

declare(strict_types=1);

namespace Chiralex\Marking;

use Brick\Math\BigDecimal;
use Chiralex\Quantity\Data\SeriesTable;
use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Unit;

/** The EIA-96 code: the number of an E96 member (01 to 96) and a letter for the multiplier. */
final readonly class Eia96
{
    private const POWERS = [
        'Z' => -3,
        'Y' => -2,
        'R' => -2,
        'X' => -1,
        'S' => -1,
        'A' => 0,
        'B' => 1,
        'H' => 1,
        'C' => 2,
        'D' => 3,
        'E' => 4,
        'F' => 5,
    ];

    public function read(string $code): ?CodeDecoding
    {
        if (preg_match('~^(\d\d)([A-Z])$~', strtoupper($code), $found) !== 1 || !isset(self::POWERS[$found[2]])) {
            return null;
        }
        $member = SeriesTable::members(96)[(int) $found[1] - 1] ?? null;
        try {
            return $member === null
                ? null
                : new CodeDecoding(
                    EngineeringValue::scaled((string) $member, self::POWERS[$found[2]], Unit::Ohm),
                    Scheme::Eia96,
                    '1',
                );
        } catch (InvalidQuantity) {
            return null;
        }
    }

    /** The code of a value that is an E96 member, null for any other. */
    public function write(EngineeringValue $value): ?string
    {
        foreach (SeriesTable::members(96) as $index => $member) {
            $powers = ['Z' => -3, 'Y' => -2, 'X' => -1, 'A' => 0, 'B' => 1, 'C' => 2, 'D' => 3, 'E' => 4, 'F' => 5];
            foreach ($powers as $letter => $power) {
                if (
                    $value->amount->isEqualTo(
                        BigDecimal::of($member)
                            ->multipliedBy(BigDecimal::ofUnscaledValue(1, 3))
                            ->withPointMovedRight($power + 3),
                    )
                ) {
                    return sprintf('%02d%s', $index + 1, $letter);
                }
            }
        }

        return null;
    }
}
