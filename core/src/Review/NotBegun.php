<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Kit\Kit;
use Chiralex\Reason\Station;

/** Stations that have nothing yet to judge: neither settled nor open. */
final readonly class NotBegun
{
    /** @return list<Station> in the order of the work */
    public static function stations(Kit $kit): array
    {
        return array_values(
            array_filter(Station::cases(), static fn(Station $station): bool => !self::has($kit, $station)),
        );
    }

    private static function has(Kit $kit, Station $station): bool
    {
        return match ($station) {
            Station::Parts, Station::Bags => $kit->parts !== [],
            // What lies where decides what is reached, seen and fits: without places these are empty words.
            Station::Board, Station::Order, Station::Marks, Station::Manual => $kit->bodies() !== [],
            Station::Bench => $kit->bodies() !== [] && ($kit->work->tests !== [] || $kit->work->gates !== []),
            // Begins with the first kit that is sold or the first report, which stand outside the files.
            Station::Faults => true,
        };
    }
}
