<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\SaidVolts;
use Chiralex\Part\Kind;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** What the supply does to the kit: a battery of other volts than the kit runs from, a regulator that gets too hot. */
final readonly class SupplyMatters implements MatterSource
{
    /**
     * Watts that a package gives off to still air with a part that gets hot to the touch, and with a small heat sink; common practice,
     * no source.
     */
    private const BARE = ['TO-92' => 0.5, 'TO-220' => 1.2];
    private const SINK = ['TO-92' => 0.5, 'TO-220' => 5.0];
    /** A fresh cell gives more than its name says, a tired one less, as a share; common practice, no source. */
    private const FRESH = 0.1;
    private const TYPE = '~\b(?:\p{L}{0,3})78(?:L|M)?(0[5-9]|1[0258]|24)\b~u';

    public function matters(Subject $subject): array
    {
        $power = $subject->kit->nature->power;
        if ($power === null || $power->alternating) {
            return [];
        }
        $matters = [];
        foreach ($subject->kit->parts as $part) {
            $matter = match ($part->kind()) {
                Kind::Battery, Kind::BatteryHolder => self::battery($part, $power->leastVolts, $power->mostVolts),
                Kind::Regulator => $power->amps === null
                    ? null
                    : self::regulator($part, $subject->kit, $power->mostVolts, $power->amps),
                default => null,
            };
            if ($matter !== null) {
                $matters[] = $matter;
            }
        }

        return $matters;
    }

    private static function battery(KitPart $part, float $least, float $most): ?Matter
    {
        $volts = SaidVolts::of($part);

        return $volts === null || ($volts >= $least * (1.0 - self::FRESH) && $volts <= $most * (1.0 + self::FRESH))
            ? null
            : new Matter(
                MatterSeverity::Warn,
                Station::Parts,
                'parts.battery-volts',
                ['designator' => $part->designator, 'volts' => $volts, 'low' => $least, 'high' => $most],
                [$part->designator],
            );
    }

    /** A linear regulator burns what it does not pass on. */
    private static function regulator(KitPart $part, Kit $kit, float $most, float $amps): ?Matter
    {
        $package = $part->shape->outline->name;
        $out = preg_match(self::TYPE, $part->line->cells->value, $type) === 1 ? (float) $type[1] : SaidVolts::of($part);
        if ($out === null || $out >= $most || !isset(self::BARE[$package])) {
            return null;
        }
        $watts = ($most - $out) * $amps;
        $isCooled = self::isCooled($part->designator, $kit);
        $limit = $isCooled ? self::SINK[$package] : self::BARE[$package];

        return $watts <= $limit
            ? null
            : new Matter(
                MatterSeverity::Warn,
                Station::Parts,
                $isCooled || $package === 'TO-92' ? 'parts.regulator-hot' : 'parts.regulator-sink',
                [
                    'designator' => $part->designator,
                    'volts' => $most,
                    'low' => $out,
                    'amps' => $amps,
                    'watts' => round($watts, 2),
                    'limit' => $limit,
                    'package' => $package,
                ],
                [$part->designator],
            );
    }

    private static function isCooled(string $name, Kit $kit): bool
    {
        foreach ($kit->work->groups->assembly->subassemblies as $names) {
            if (in_array($name, $names, true)) {
                foreach ($names as $other) {
                    if ($kit->part($other)?->kind() === Kind::HeatSink) {
                        return true;
                    }
                }
            }
        }
        foreach ($kit->parts as $other) {
            if ($other->kind() === Kind::HeatSink && in_array($name, $other->namesInRow(), true)) {
                return true;
            }
        }

        return false;
    }
}
