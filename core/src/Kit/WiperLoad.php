<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Part\Kind;

/** What holds the current of an adjuster at its end stop, as the nets have it; that inputs and capacitors carry none is common practice. */
final readonly class WiperLoad
{
    private const NO_CURRENT = [Kind::Ic, Kind::Ceramic, Kind::Film, Kind::Electrolytic, Kind::Tantalum, Kind::Crystal];

    /**
     * @param float $ohms the least resistance the current meets; 0 where something takes it directly, INF where nothing takes any
     * @param string $resistor the one that holds it, empty where none does
     */
    private function __construct(public float $ohms, public string $resistor) {}

    /** @return ?self null where the nets do not name its wiper */
    public static function of(Kit $kit, string $adjuster): ?self
    {
        $nets = $kit->findings->drawn->nets;
        $pins = $nets->ofPart($adjuster);
        $wiper = $pins['2'] ?? null;
        if ($wiper === null) {
            return null;
        }
        if (in_array($wiper, [$pins['1'] ?? null, $pins['3'] ?? null], true)) {
            $series = $kit->nature->circuit->series[$adjuster] ?? '';

            return $series === '' ? new self(0.0, '') : new self(self::ohms($kit, $series), $series);
        }
        $least = new self(INF, '');
        foreach ($nets->partsOn($wiper) as $name) {
            $kind = $kit->part($name)?->kind();
            if ($name === $adjuster || in_array($kind, self::NO_CURRENT, true)) {
                continue;
            }
            $ohms = $kind === Kind::Resistor ? self::ohms($kit, $name) : 0.0;
            $least = $ohms < $least->ohms ? new self($ohms, $ohms > 0.0 ? $name : '') : $least;
        }

        return $least;
    }

    private static function ohms(Kit $kit, string $name): float
    {
        return $kit->part($name)?->recognition->amount() ?? 0.0;
    }
}
