<?php

declare(strict_types=1);

namespace Chiralex\Board\Drill;

use Chiralex\Board\Drill\Internal\Coordinates;
use Chiralex\Board\Drill\Internal\DrillPen;
use Chiralex\Board\Drill\Internal\Guesses;
use Chiralex\Board\Exception\UnreadableLayer;
use Chiralex\Board\Point;
use Chiralex\Limits;

/**
 * Reads a drill file in the customary numeric control format (Excellon, from memory): tools with diameters, holes, slots drilled
 * (G85) or routed (M15 to M16), inch and metric, decimal points or either zero suppression, absolute and incremental.
 */
final readonly class DrillReader
{
    public static function isDrill(string $bytes): bool
    {
        return preg_match('~^\s*(?:;[^\n]*\n\s*)*M48\b~', substr($bytes, 0, 4000)) === 1;
    }

    /**
     * @param string $name tells whether its holes are plated, where no attribute does
     * @throws UnreadableLayer when it is too large, or places lie beyond all boards
     */
    public function read(string $bytes, string $name): DrillFile
    {
        $plated = self::isPlatedByName($name);
        $own = null;
        $function = null;
        $tools = $holes = $slots = [];
        $guesses = Guesses::of($bytes);
        $pen = new DrillPen(coordinates: $guesses->coordinates);
        $left = 0;
        foreach (preg_split('~\r\n?|\n~', $bytes) ?: [] as $index => $line) {
            $line = strtoupper(trim($line));
            if (preg_match('~TF\.FILEFUNCTION,(NONPLATED|PLATED|MIXEDPLATING)~', $line, $found) === 1) {
                $function = ['NONPLATED' => 'NonPlated', 'PLATED' => 'Plated'][$found[1]] ?? 'MixedPlating';
                $plated = $found[1] !== 'NONPLATED';
            }
            $own = self::ownPlating($line, $own);
            if ($index > Limits::LAYER_WORDS || count($holes) + count($slots) > Limits::LAYER_OBJECTS) {
                throw UnreadableLayer::tooLarge($name, Limits::LAYER_OBJECTS);
            }
            $format = Coordinates::told($pen->coordinates, $line);
            if ($format !== null) {
                $pen = $pen->with(coordinates: $format);
                continue;
            }
            if (preg_match('~^T0*(\d+)(?:[A-BD-Z][\d.]*)*C([\d.]+)~', $line, $found) === 1) {
                $tools[(int) $found[1]] = [round((float) $found[2] * $pen->coordinates->unit, 6), $own];
                $pen = $pen->isHeader ? $pen : $pen->with(tool: (int) $found[1]);
                continue;
            }
            [$pen, $made, $known] = $pen->take($line, $name, $index + 1);
            $left += $known ? 0 : 1;
            [$diameter, $through] = $tools[$pen->tool] ?? [0.0, null];
            foreach ($made as $each) {
                if ($diameter <= 0.0) {
                    ++$left;
                } elseif ($each instanceof Point) {
                    $holes[] = new DrilledHole($each, $diameter, $through ?? $plated);
                } else {
                    $slots[] = new DrilledSlot($each[0], $each[1], $diameter, $through ?? $plated);
                }
            }
        }

        return new DrillFile($holes, $slots, $function, $left, $guesses->names);
    }

    /** Whether the holes of a file are plated, by its name. */
    public static function isPlatedByName(string $name): bool
    {
        return preg_match('~npth|non-?plated|np[_-]|unplated~i', $name) !== 1;
    }

    /** What the attributes of a tool say of its holes, null where they say nothing. */
    private static function ownPlating(string $line, ?bool $before): ?bool
    {
        return match (true) {
            str_contains($line, 'TA.APERFUNCTION,NONPLATED') => false,
            str_contains($line, 'TA.APERFUNCTION,PLATED') => true,
            str_contains($line, 'TA.APERFUNCTION') || preg_match('~\bTD\b~', $line) === 1 => null,
            default => $before,
        };
    }
}
