<?php

declare(strict_types=1);

namespace Chiralex\Tests;

use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Point;
use Chiralex\Board\Side;

/** Letters of a type made for the tests: bars on a grid, four wide and four high, that no program has. */
final readonly class LegendLetters
{
    /** Each letter as bars between points of its grid, `x y x y`. */
    private const BARS = [
        '0' => ['0004', '0444', '4440', '4000', '0044'],
        '1' => ['3034', '0334'],
        '2' => ['0444', '4442', '4202', '0200', '0040'],
        '3' => ['0444', '4440', '4000', '1242'],
        '4' => ['0402', '0242', '3430'],
        '5' => ['4404', '0402', '0242', '4240', '4000'],
        '6' => ['4404', '0400', '0040', '4042', '4202'],
        '7' => ['0444', '4420'],
        'R' => ['0004', '0434', '3432', '3202', '1240'],
        'C' => ['4404', '0400', '0040', '4041'],
        'D' => ['0004', '0424', '2442', '4220', '2000'],
        'K' => ['0004', '0344', '0140'],
        'N' => ['0003', '0333', '3330'],
    ];

    /**
     * @param float $up from the middle of the part to that of the letters, millimetres
     * @return list<LayerObject>
     */
    public static function word(string $word, float $up, float $degrees, Side $side, Point $at): array
    {
        $objects = [];
        foreach ($word === '' ? [] : str_split(strtoupper($word)) as $index => $letter) {
            foreach (self::BARS[$letter] as $bar) {
                $points = array_map(static function (string $grid) use ($index, $up, $degrees, $side, $at): Point {
                    $x = 1.4 * $index + 0.25 * (int) $grid[0] - 1.0;
                    $y = $up - 0.6 + 0.3 * (int) $grid[1];
                    $turned = (new Point($x, $y))->turned($degrees);

                    return $at->plus($side === Side::Bottom ? -$turned->x : $turned->x, $turned->y);
                }, str_split($bar, 2));
                $objects[] = new LayerObject('draw', $points, [], [], 0.15);
            }
        }

        return $objects;
    }

    /**
     * A layer file of the words above and below the parts.
     *
     * @param list<array{string, Point}> $words each with the middle of its part, millimetres
     */
    public static function file(array $words): string
    {
        $lines = ['%FSLAX34Y34*%', '%MOMM*%', '%ADD10C,0.15*%', 'D10*'];
        foreach ($words as $line => [$word, $at]) {
            foreach (self::word($word, $line % 2 === 0 ? 3.0 : -2.0, 0.0, Side::Top, $at) as $object) {
                foreach ($object->points as $index => $point) {
                    $lines[] = sprintf(
                        'X%dY%dD0%d*',
                        (int) round($point->x * 10000),
                        (int) round($point->y * 10000),
                        $index === 0 ? 2 : 1,
                    );
                }
            }
        }

        return implode("\n", [...$lines, 'M02*']);
    }
}
