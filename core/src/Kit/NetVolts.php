<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\Net\Nets;

/** The voltage of a net, where its name says it, or where the kit runs from that net and says from what. */
final readonly class NetVolts
{
    /** Names of the net that the supply of a kit arrives on; common practice. */
    private const IN = '~^\+?(?:V(?:CC|DD|BAT\w*|IN|SUP\w*|\+)|BATT?\+?|VIN\+?)$~i';

    /** @return ?float volts against ground; null where nothing says it */
    public static function of(string $net, ?PowerSupply $power = null): ?float
    {
        if (Nets::isGround($net)) {
            return 0.0;
        }
        if (preg_match('~^([+-]?)(\d+)(?:[.,](\d+))?V(\d*)$~i', $net, $found) === 1) {
            $decimals = $found[4] !== '' ? $found[4] : $found[3];

            return ($found[1] === '-' ? -1.0 : 1.0) * (float) "{$found[2]}.{$decimals}0";
        }
        if (preg_match('~^([+-])(\d+(?:[.,]\d+)?)$~', $net, $found) === 1) {
            return ($found[1] === '-' ? -1.0 : 1.0) * (float) str_replace(',', '.', $found[2]);
        }

        return $power !== null && !$power->alternating && preg_match(self::IN, $net) === 1 ? $power->mostVolts : null;
    }
}
