<?php

declare(strict_types=1);

namespace Chiralex\Safety;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\LetterFamily;

/** What the capacitors of a kit hold, the fullest first. */
final readonly class StoredCharges
{
    /** Joules below which a capacitor is not worth a line. */
    private const SEEN = 0.0001;

    /** @return list<StoredCharge> */
    public static function of(Kit $kit): array
    {
        $charges = [];
        foreach ($kit->parts as $part) {
            $charge = $part->supply->isBuilt() ? self::charge($kit, $part) : null;
            if ($charge !== null && $charge->joules() >= self::SEEN) {
                $charges[] = $charge;
            }
        }
        usort(
            $charges,
            static fn(StoredCharge $a, StoredCharge $b): int => [-$a->joules(), $a->designator] <=> [
                -$b->joules(),
                $b->designator,
            ],
        );

        return $charges;
    }

    private static function charge(Kit $kit, KitPart $part): ?StoredCharge
    {
        $farads = $part->row->name->letters === LetterFamily::Capacitor ? $part->recognition->amount() ?? 0.0 : 0.0;
        [$volts, $origin] = CapacitorVolts::most($kit, $part);
        if ($farads <= 0.0 || $volts <= 0.0) {
            return null;
        }
        $bleeder = $kit->nature->circuit->bleeders[$part->designator] ?? null;
        $ohms = $bleeder === null ? null : $kit->part($bleeder)?->recognition->amount();

        return new StoredCharge($part->designator, $farads, $volts, $origin, $ohms === null ? null : $bleeder, $ohms);
    }
}
