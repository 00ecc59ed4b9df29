<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** The volts that the words of a part's row name: `9 V`, or the cells of a holder, `3xAA`. */
final readonly class SaidVolts
{
    /** A cell of these sizes gives 1.5 V; common practice, no source. */
    private const CELL = 1.5;

    public static function of(KitPart $part): ?float
    {
        $text = self::words($part);
        $volts = match (true) {
            preg_match('~(\d+(?:[.,]\d+)?) ?V\b~', $text, $said) === 1 => (float) strtr($said[1], ',', '.'),
            preg_match('~(\d) ?[x×*] ?(?:AAA?|C|D)\b~u', $text, $said) === 1 => self::CELL * (int) $said[1],
            default => null,
        };

        return $volts !== null && $volts > 0.0 ? $volts : null;
    }

    /** What was read. */
    public static function words(KitPart $part): string
    {
        $cells = $part->line->cells;

        return trim("{$cells->value} {$cells->package} {$cells->description}");
    }
}
