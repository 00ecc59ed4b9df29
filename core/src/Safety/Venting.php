<?php

declare(strict_types=1);

namespace Chiralex\Safety;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;

/** Whether a polar capacitor bursts when it is turned round; the limits are common practice, no source. */
final readonly class Venting
{
    /** An electrolytic that holds less than this, joules, or sees less than this share of its rating, fails without harm to anybody. */
    private const ENERGY = 0.001;
    private const SHARE = 0.5;

    /** It bursts where there is energy to heat it and it sees much of what it stands; what nobody knows counts as that. */
    public static function bursts(Kit $kit, KitPart $part): bool
    {
        $farads = $part->recognition->amount();
        [$volts] = CapacitorVolts::most($kit, $part);
        if ($part->kind() !== Kind::Electrolytic || $farads === null || $volts <= 0.0) {
            return true;
        }
        $rated = $part->ratedVolts();

        return 0.5 * $farads * $volts ** 2 >= self::ENERGY && ($rated === null || $volts >= self::SHARE * $rated);
    }
}
