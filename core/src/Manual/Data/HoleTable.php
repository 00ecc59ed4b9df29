<?php

declare(strict_types=1);

namespace Chiralex\Manual\Data;

use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;

/** Holes that parts of a panel usually take, millimetres: bush plus a little room. Common practice, no source; the part's own data sheet comes first. */
final readonly class HoleTable
{
    /** Null where no size is usual. */
    public static function diameter(KitPart $part): ?float
    {
        return match ($part->kind()) {
            Kind::Potentiometer => 7.0,
            Kind::Switch => 6.2,
            Kind::Button => 7.0,
            Kind::Jack => str_contains($part->outline->name, '3.5') ? 6.0 : 9.5,
            Kind::BarrelJack => 8.0,
            Kind::Led, Kind::Photo => str_contains($part->outline->name, '3mm') ? 3.1 : 5.1,
            default => null,
        };
    }

    /** What goes on in which order, as a code. */
    public static function stack(?Kind $kind): string
    {
        return match ($kind) {
            Kind::Potentiometer => 'drill.potentiometer',
            Kind::Switch, Kind::Button => 'drill.switch',
            Kind::Jack, Kind::BarrelJack => 'drill.jack',
            Kind::Led, Kind::Photo => 'drill.led',
            default => 'drill.other',
        };
    }
}
