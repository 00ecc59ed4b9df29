<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Bom\Designators;
use Chiralex\Bom\Line;

/** How much a kit is, counted once for every room: lines of the list, parts the builder fits, pieces the list asks for. */
final readonly class PartCount
{
    private function __construct(public int $lines, public int $parts, public int $pieces) {}

    public static function of(Kit $kit): self
    {
        return new self(
            count($kit->findings->list->lines),
            count(
                array_filter(
                    $kit->parts,
                    static fn(KitPart $part): bool => $part->supply->isBuilt() &&
                        Designators::isNamed($part->designator),
                ),
            ),
            array_sum(
                array_map(
                    static fn(Line $line): int => $line->length === null ? $line->quantity : 0,
                    $kit->findings->list->lines,
                ),
            ),
        );
    }
}
