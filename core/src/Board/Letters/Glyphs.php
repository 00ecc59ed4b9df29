<?php

declare(strict_types=1);

namespace Chiralex\Board\Letters;

use Chiralex\Board\Layer\LayerObject;

/** Lines that touch make a letter, where all of them together are no larger than one. */
final readonly class Glyphs
{
    /** A letter is no higher and no wider than this, millimetres. */
    private const LARGEST = 3.2;
    /** Where a legend has more short lines than this, its letters are not read. */
    private const MOST = 20_000;
    private const CELL = 3.2;
    /** Where more lines than this lie in one square, they are no letters. */
    private const CROWD = 150;
    /** Pairs of points that are compared at most; where a legend wants more, its letters are not read. */
    private const WORK = 3_000_000;

    /**
     * @param list<LayerObject> $objects ink of a legend
     * @return list<Glyph>
     */
    public static function of(array $objects): array
    {
        $small = array_values(
            array_filter(
                array_map(static fn(LayerObject $object): InkLine => InkLine::of($object), $objects),
                static fn(InkLine $line): bool => $line->width <= self::LARGEST && $line->height <= self::LARGEST,
            ),
        );
        if (count($small) > self::MOST) {
            return [];
        }
        $glyphs = [];
        foreach (self::touching($small) as $group) {
            $glyph = new Glyph(array_map(static fn(int $index): array => $small[$index]->points, $group));
            if ($glyph->width <= self::LARGEST && $glyph->height <= self::LARGEST) {
                $glyphs[] = $glyph;
            }
        }

        return $glyphs;
    }

    /**
     * @param list<InkLine> $lines
     * @return list<non-empty-list<int>>
     */
    private static function touching(array $lines): array
    {
        $cells = [];
        $work = 0;
        $root = array_keys($lines);
        foreach ($lines as $index => $line) {
            for ($x = self::cell($line->left); $x <= self::cell($line->left + $line->width); ++$x) {
                for ($y = self::cell($line->low); $y <= self::cell($line->low + $line->height); ++$y) {
                    foreach ($cells["{$x} {$y}"] ?? [] as $other) {
                        $one = self::root($root, $index);
                        $two = self::root($root, $other);
                        if ($one === $two || !$line->isBeside($lines[$other])) {
                            continue;
                        }
                        $work += count($line->points) * count($lines[$other]->points);
                        if ($work > self::WORK) {
                            return [];
                        }
                        if ($line->touches($lines[$other])) {
                            $root[$one] = $two;
                        }
                    }
                    if (count($cells["{$x} {$y}"] ?? []) < self::CROWD) {
                        $cells["{$x} {$y}"][] = $index;
                    }
                }
            }
        }
        $groups = [];
        foreach (array_keys($lines) as $index) {
            $groups[self::root($root, $index)][] = $index;
        }

        return array_values($groups);
    }

    /** @param array<int, int> $root */
    private static function root(array &$root, int $index): int
    {
        while (($root[$index] ?? $index) !== $index) {
            $root[$index] = $root[$root[$index]] ?? $root[$index];
            $index = $root[$index];
        }

        return $index;
    }

    private static function cell(float $at): int
    {
        return (int) floor($at / self::CELL);
    }
}
