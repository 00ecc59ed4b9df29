<?php

declare(strict_types=1);

namespace Chiralex\Manual\Data;

use Chiralex\Kit\KitPart;

/** Holes that parts of a panel usually take, millimetres: that of the kind, where the outline has none of its own. Common practice, no source. */
final readonly class HoleTable
{
    private const OUTLINES = ['jack-3.5' => 6.0, 'led-3mm' => 3.1];

    /** Null where no size is usual. */
    public static function diameter(KitPart $part): ?float
    {
        $hole = $part->row->use->hole;

        return $hole === null ? null : self::OUTLINES[$part->shape->outline->name] ?? $hole->diameter;
    }

    /** What goes on in which order, as a code. */
    public static function stack(?KitPart $part): string
    {
        return $part->row->use->hole->stack ?? 'drill.other';
    }
}
