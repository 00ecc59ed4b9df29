<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

use Chiralex\Board\Layer\Patch;
use Chiralex\Board\Point;

/** An aperture macro: primitives with sums for sizes (Gerber layer format specification, aperture macro). */
final readonly class Macro
{
    /** Corners of an outline and of a polygon at most. */
    private const CORNERS = 5_000;
    private const RINGS = 100;

    /** @param list<string> $lines primitives and `$4=$1x2`, as they stand */
    public function __construct(public array $lines = []) {}

    public function with(string $line): self
    {
        return new self([...$this->lines, $line]);
    }

    /**
     * @param list<float> $values of `$1` and the rest
     * @param float $unit millimetres
     * @return list<Patch>
     */
    public function patches(array $values, float $unit): array
    {
        $named = $values === [] ? [] : array_combine(range(1, count($values)), $values);
        $patches = [];
        foreach ($this->lines as $line) {
            if (preg_match('~^\s*\$(\d+)\s*=(.*)$~s', $line, $found) === 1) {
                $named[(int) $found[1]] = MacroSum::of($found[2], $named) ?? 0.0;
                continue;
            }
            $fields = array_map(
                static fn(string $sum): float => MacroSum::of($sum, $named) ?? 0.0,
                explode(',', rtrim($line, ', ')),
            );
            if ((int) $fields[0] !== 0) {
                array_push($patches, ...$this->primitive((int) $fields[0], array_slice($fields, 1), $unit));
            }
        }

        return $patches;
    }

    /**
     * @param list<float> $f its fields
     * @return list<Patch>
     */
    private function primitive(int $code, array $f, float $unit): array
    {
        $f = self::inMillimetres($code, [...$f, ...array_fill(0, 12, 0.0)], $unit);
        [$areas, $turn] = match ($code) {
            1 => [[[Shapes::circle($f[1], new Point($f[2], $f[3]))]], $f[4]],
            2, 20 => [[[self::line($f[1], new Point($f[2], $f[3]), new Point($f[4], $f[5]))]], $f[6]],
            21 => [[[Shapes::box($f[1], $f[2], new Point($f[3], $f[4]))]], $f[5]],
            22 => [[[Shapes::box($f[1], $f[2], new Point($f[3] + $f[1] / 2, $f[4] + $f[2] / 2))]], $f[5]],
            4 => self::outline($f),
            5 => [
                [[Shapes::polygon($f[4], (int) max(3, min(self::CORNERS, $f[1])), 0.0, new Point($f[2], $f[3]))]],
                $f[5],
            ],
            6 => [self::target($f), $f[8]],
            7 => [self::thermal($f), $f[5]],
            default => [[], 0.0],
        };
        // Rings and thermals have no exposure of their own; their parts lie apart or one on the other.
        $isDark = in_array($code, [6, 7], true) || $f[0] !== 0.0;

        return array_map(
            static fn(array $contours): Patch => (new Patch($contours, $isDark))->mapped(
                static fn(Point $point): Point => $point->turned($turn),
            ),
            $areas,
        );
    }

    /**
     * @param non-empty-list<float> $f fields after the code: exposures, counts and turns are no lengths
     * @return non-empty-list<float>
     */
    private static function inMillimetres(int $code, array $f, float $unit): array
    {
        $isLength = static fn(int $index): bool => match ($code) {
            4 => $index >= 2 && $index < 4 + 2 * (int) $f[1],
            5 => in_array($index, [2, 3, 4], true),
            6 => $index < 8 && $index !== 5,
            7 => $index < 5,
            1 => $index >= 1 && $index < 4,
            21, 22 => $index >= 1 && $index < 5,
            default => $index >= 1 && $index < 6,
        };

        return array_map(
            static fn(float $value, int $index): float => $isLength($index) ? $value * $unit : $value,
            $f,
            array_keys($f),
        );
    }

    /**
     * A line with square ends that stop at its ends.
     *
     * @return list<Point>
     */
    private static function line(float $width, Point $from, Point $to): array
    {
        $length = max(1e-12, $from->distanceTo($to));
        [$x, $y] = [(-($to->y - $from->y) / $length) * ($width / 2), (($to->x - $from->x) / $length) * ($width / 2)];

        return [$from->plus($x, $y), $to->plus($x, $y), $to->plus(-$x, -$y), $from->plus(-$x, -$y)];
    }

    /**
     * @param non-empty-list<float> $f
     * @return array{list<list<list<Point>>>, float} its areas and its turn
     */
    private static function outline(array $f): array
    {
        $corners = (int) max(0, min(self::CORNERS, $f[1] ?? 0.0, intdiv(count($f) - 4, 2)));
        $points = [];
        for ($i = 0; $i <= $corners; ++$i) {
            $points[] = new Point($f[2 + 2 * $i] ?? 0.0, $f[3 + 2 * $i] ?? 0.0);
        }

        return [[[$points]], $f[4 + 2 * $corners] ?? 0.0];
    }

    /**
     * Rings about a centre, and a cross.
     *
     * @param list<float> $f
     * @return list<list<list<Point>>>
     */
    private static function target(array $f): array
    {
        [$x, $y, $diameter, $thickness, $gap, $most, $cross, $length] = $f;
        $centre = new Point($x, $y);
        $rings = [];
        for ($i = 0; $i < min(self::RINGS, $most) && $diameter > 0.0; ++$i) {
            $inner = $diameter - 2 * $thickness;
            $rings[] =
                $inner > 0.0
                    ? [Shapes::circle($diameter, $centre), Shapes::circle($inner, $centre)]
                    : [Shapes::circle($diameter, $centre)];
            $diameter = $inner - 2 * $gap;
        }

        return [...$rings, [Shapes::box($length, $cross, $centre)], [Shapes::box($cross, $length, $centre)]];
    }

    /**
     * A ring with four gaps.
     *
     * @param list<float> $f
     * @return list<list<list<Point>>>
     */
    private static function thermal(array $f): array
    {
        [$x, $y, $outer, $inner, $gap] = $f;
        [$big, $small, $half] = [$outer / 2, $inner / 2, $gap / 2];
        if ($half >= $big * M_SQRT1_2) {
            return [];
        }
        $from = rad2deg(asin($half / $big));
        $quarter = Shapes::arc(new Point(0.0, 0.0), $big, $from, 90 - $from);
        $start = $small > 0.0 ? $half / $small : 1.0;
        $quarter =
            $start < M_SQRT1_2
                ? [
                    ...$quarter,
                    ...Shapes::arc(new Point(0.0, 0.0), $small, 90 - rad2deg(asin($start)), rad2deg(asin($start))),
                ]
                : [...$quarter, new Point($half, $half)];

        return array_map(
            static fn(int $turn): array => [
                array_map(static fn(Point $point): Point => $point->turned((float) $turn)->plus($x, $y), $quarter),
            ],
            [0, 90, 180, 270],
        );
    }
}
