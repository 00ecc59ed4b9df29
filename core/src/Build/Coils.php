<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;

/** Parts that kick when they are switched off: relays, motors, solenoids, and coils that something drives; common practice. */
final readonly class Coils
{
    private const WORDS = '~\bmotors?\b|\bsolenoid|\bsolenoid|zugmagnet|\bmoteur\b|hubmagnet~u';

    /** @return list<string> designators of those for which nobody says what takes up the kick */
    public static function unclamped(Kit $kit): array
    {
        $clamped = array_values($kit->nature->circuit->clamps);

        return array_values(
            array_map(
                static fn(KitPart $part): string => $part->designator,
                array_filter(
                    $kit->parts,
                    static fn(KitPart $part): bool => $part->supply->isBuilt() &&
                        self::kicks($part, $kit) &&
                        !in_array($part->designator, $clamped, true),
                ),
            ),
        );
    }

    private static function kicks(KitPart $part, Kit $kit): bool
    {
        $text = mb_strtolower("{$part->line->cells->value} {$part->line->cells->description}");

        return $part->kind() === Kind::Relay ||
            ($part->kind() === Kind::Inductor && isset($kit->nature->circuit->drivers[$part->designator])) ||
            (in_array($part->kind(), [Kind::Unknown, Kind::Transformer, Kind::Inductor], true) &&
                preg_match(self::WORDS, $text) === 1);
    }
}
