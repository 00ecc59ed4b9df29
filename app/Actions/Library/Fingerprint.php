<?php

declare(strict_types=1);

namespace App\Actions\Library;

use Chiralex\Bom\Designators;
use Chiralex\Kit\KitPart;

/** By what a part is known again in the next kit: its letters, value, package and description as they are written. */
final readonly class Fingerprint
{
    private const LONGEST = 190;

    public static function of(KitPart $part): string
    {
        return self::from(
            $part->designator,
            $part->line->cells->value,
            $part->line->cells->package,
            $part->line->cells->description,
        );
    }

    public static function from(string $designator, string $value, string $package, string $description): string
    {
        return mb_strtolower(
            mb_substr(
                implode('|', [Designators::prefix($designator), $value, $package, $description]),
                0,
                self::LONGEST,
            ),
        );
    }
}
