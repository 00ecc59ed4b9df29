<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Packing;

use Chiralex\Part\LeadStyle;
use Chiralex\Part\Outline;

/**
 * How far apart the pieces sit on the tape that a part comes on, so that pieces are counted by length.
 *
 * IEC 60286-1 (axial leads), -2 (radial leads), -3 (surface mount), from memory: the usual pitch of each size.
 */
final readonly class TapePitch
{
    /** Body diameter up to which axial parts sit 5 mm apart, else 10. */
    private const AXIAL = 5.0;
    /** Body width up to which radial parts sit 12.7 mm apart, else twice as far. */
    private const RADIAL = 11.0;
    /** Every pitch there is, for a ruler. */
    public const ALL = [2.0, 4.0, 5.0, 10.0, 12.7, 25.4];
    private const CHIPS = ['0402' => 2.0, '0603' => 4.0, '0805' => 4.0, '1206' => 4.0, '1210' => 4.0];

    /** @return ?float millimetres; null for what comes loose, in tubes or trays */
    public static function of(Outline $outline): ?float
    {
        return match ($outline->leads->style) {
            LeadStyle::AxialWire => $outline->across <= self::AXIAL ? 5.0 : 10.0,
            LeadStyle::RadialWire => max($outline->along, $outline->across) <= self::RADIAL ? 12.7 : 25.4,
            default => self::CHIPS[$outline->name] ?? null,
        };
    }
}
