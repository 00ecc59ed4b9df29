<?php

declare(strict_types=1);

namespace Chiralex\Safety;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
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
        $rated = $part->ratedVolts();
        if ($rated !== null && ($kit->nature->power === null || Hazards::isLive($kit))) {
            return [$rated, Origin::PartsList];
        }
        if ($kit->nature->power !== null) {
            return [round($kit->nature->power->peak(), 2), Origin::Computed];
        }

        return [0.0, Origin::PartsList];
    }
}
