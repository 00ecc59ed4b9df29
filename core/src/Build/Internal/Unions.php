<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Kit\Kit;
use Chiralex\Part\Kind;

/** Parts that are bolted together are one body from then on: soldered at once, and as tall as the tallest of them. */
final readonly class Unions
{
    /** @return array<string, list<string>> the part whose task solders them, to all that it solders, itself first */
    public static function of(Kit $kit): array
    {
        $unions = $taken = [];
        foreach ($kit->work->groups->assembly->subassemblies as $names) {
            $soldered = array_values(
                array_filter(
                    $names,
                    static fn(string $name): bool => $kit->part($name)?->isSoldered() === true && !isset($taken[$name]),
                ),
            );
            $lead = self::lead($soldered, $kit);
            if ($lead === null) {
                continue;
            }
            $face = $kit->part($lead)?->place->placement?->face()->key();
            $together = array_values(
                array_filter(
                    $soldered,
                    static fn(string $name): bool => $kit->part($name)?->place->placement?->face()->key() === $face,
                ),
            );
            $unions[$lead] = [$lead, ...array_values(array_diff($together, [$lead]))];
            $taken += array_fill_keys($together, true);
        }

        return $unions;
    }

    /**
     * The part with the legs, not the metal it is bolted to.
     *
     * @param list<string> $soldered
     */
    private static function lead(array $soldered, Kit $kit): ?string
    {
        foreach ($soldered as $name) {
            if ($kit->part($name)?->kind() !== Kind::HeatSink) {
                return $name;
            }
        }

        return $soldered[0] ?? null;
    }
}
