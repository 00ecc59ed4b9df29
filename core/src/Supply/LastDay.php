<?php

declare(strict_types=1);

namespace Chiralex\Supply;

/**
 * The last day on which a part can be ordered so that kits never run out: one time in twenty the kits that lie there and those that the
 * part still reaches for are sold by a day; so long before it as the supplier and the packing take, the part has to be ordered. Of all
 * parts of a kit the earliest such day counts.
 */
final readonly class LastDay
{
    /**
     * @param string $part by which it is known again
     * @param int $day days from today; below 0 where it is past
     * @param int $soldOut days from today on which the kits may be sold
     * @param int $kits that lie there, with those that the part reaches for
     * @param int $lead days until the supplier delivers
     * @param int $packing days until a run is packed
     */
    private function __construct(
        public string $part,
        public int $day,
        public int $soldOut,
        public int $kits,
        public int $lead,
        public int $packing,
    ) {}

    /**
     * @param int $ordered kits ordered in those weeks, at least 0
     * @param int $weeks that were counted, at least 1
     * @param int $free kits that lie there and nobody waits for; below 0 where more are ordered
     * @param array<string, array{kits: int, lead: ?int}> $parts kits that each still reaches for, what is on order among them, and days until its quickest supplier delivers
     * @param int $packing days until a run is packed, at least 0
     * @return ?self null where no part with a known supplier is ever short
     */
    public static function of(int $ordered, int $weeks, int $free, array $parts, int $packing): ?self
    {
        $last = null;
        $days = [];
        foreach ($parts as $part => ['kits' => $reach, 'lead' => $lead]) {
            $kits = $free + $reach;
            $soldOut = array_key_exists($kits, $days)
                ? $days[$kits]
                : ($days[$kits] = RunOut::of($ordered, $weeks, $kits)->earliest);
            if ($soldOut === null || $lead === null) {
                continue;
            }
            $day = $soldOut - $lead - $packing;
            if ($last === null || $day < $last->day) {
                $last = new self((string) $part, $day, $soldOut, $kits, $lead, $packing);
            }
        }

        return $last;
    }
}
