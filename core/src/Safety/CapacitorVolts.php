<?php

declare(strict_types=1);

namespace Chiralex\Safety;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Quantity\Rating;
use Chiralex\Quantity\RatingUnit;
use Chiralex\Reason\Origin;

/**
 * The most that a capacitor sees: what its maker declares; in a kit with mains or high voltage what it stands, until its voltage
 * is said, for a supply says nothing of what lies behind a transformer or a converter; else what the supply gives.
 */
final readonly class CapacitorVolts
{
    /** @return array{float, Origin} zero where nothing tells */
    public static function most(Kit $kit, KitPart $part): array
    {
        $declared = $kit->nature->circuit->volts($part->designator);
        if ($declared !== null) {
            return [abs($declared), Origin::KitFile];
        }
        $rated = self::rated($part);
        if ($rated !== null && ($kit->nature->power === null || Hazards::isLive($kit))) {
            return [$rated, Origin::PartsList];
        }
        if ($kit->nature->power !== null) {
            return [round($kit->nature->power->peak(), 2), Origin::Computed];
        }

        return [0.0, Origin::PartsList];
    }

    /** What it stands, volts DC or peak: `25V`, `275VAC X2`; null where its row does not say. */
    public static function rated(KitPart $part): ?float
    {
        $text = "{$part->line->cells->value} {$part->line->cells->description}";
        if (preg_match('~(\d+(?:[.,]\d+)?)\s*V\s*(?:AC\b|\~)~iu', $text, $found) === 1) {
            return round((float) str_replace(',', '.', $found[1]) * M_SQRT2, 1);
        }

        return Rating::find($text, RatingUnit::Volt)?->toFloat();
    }
}
