<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Board\Lying;
use Chiralex\Board\Point;
use Chiralex\Board\SupportCloud;
use Chiralex\Board\SupportPoint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Ties against trying every plane that rests on three points: the lowest at the centre, of those the least tilted, then the least (gx, gy). */
final class LieTiesTest extends TestCase
{
    /** @return iterable<string, array{list<array{float, float, float}>, array{float, float}}> points, centre */
    public static function boards(): iterable
    {
        $corners = [[0.0, 0.0, 0.0], [60.0, 0.0, 0.0], [60.0, 40.0, 0.0], [0.0, 40.0, 0.0]];
        yield 'a part under the centre: the board tips off it to any side' => [
            [...$corners, [30.0, 20.0, 10.0]],
            [30.0, 20.0],
        ];
        yield 'two parts in line with the centre' => [
            [...$corners, [20.0, 20.0, 8.0], [40.0, 20.0, 8.0]],
            [30.0, 20.0],
        ];
        yield 'two parts of other heights in line with the centre' => [
            [...$corners, [20.0, 20.0, 6.0], [40.0, 20.0, 10.0]],
            [30.0, 20.0],
        ];
        yield 'four parts of one height' => [
            [...$corners, [10.0, 10.0, 9.0], [50.0, 10.0, 9.0], [10.0, 30.0, 9.0], [50.0, 30.0, 9.0]],
            [30.0, 20.0],
        ];
        yield 'a concave outline' => [
            [
                [0.0, 0.0, 0.0],
                [60.0, 0.0, 0.0],
                [60.0, 15.0, 0.0],
                [20.0, 15.0, 0.0],
                [20.0, 40.0, 0.0],
                [0.0, 40.0, 0.0],
                [10.0, 30.0, 7.0],
                [50.0, 8.0, 7.0],
            ],
            [23.0, 15.0],
        ];
        yield 'the bare board' => [$corners, [30.0, 20.0]];
    }

    /**
     * @param list<array{float, float, float}> $points
     * @param array{float, float} $centre
     */
    #[DataProvider('boards')]
    public function test_of_equally_low_planes_the_least_tilted_is_taken(array $points, array $centre): void
    {
        $cloud = SupportCloud::of(
            array_map(
                static fn(array $xyz): SupportPoint => new SupportPoint(
                    $xyz[0],
                    $xyz[1],
                    $xyz[2],
                    "p {$xyz[0]},{$xyz[1]}",
                ),
                $points,
            ),
        );
        $plane = (new Lying())->settle($cloud, new Point($centre[0], $centre[1]))->plane;
        [$height, $gx, $gy] = self::best($points, $centre);

        self::assertEqualsWithDelta(
            [$height, $gx, $gy],
            [$plane->at(new Point($centre[0], $centre[1])), $plane->gx, $plane->gy],
            1e-6,
        );
    }

    /**
     * @param list<array{float, float, float}> $points
     * @param array{float, float} $centre
     * @return array{float, float, float} height at the centre, gx, gy
     */
    private static function best(array $points, array $centre): array
    {
        $planes = [];
        $count = count($points);
        for ($a = 0; $a < $count; ++$a) {
            for ($b = $a + 1; $b < $count; ++$b) {
                for ($c = $b + 1; $c < $count; ++$c) {
                    $planes[] = self::through($points[$a], $points[$b], $points[$c]);
                }
            }
        }
        $best = null;
        foreach (array_filter($planes) as [$h, $gx, $gy]) {
            foreach ($points as [$x, $y, $z]) {
                if ($h + $gx * $x + $gy * $y < $z - 1e-9) {
                    continue 2;
                }
            }
            $key = [
                round($h + $gx * $centre[0] + $gy * $centre[1], 7),
                round(hypot($gx, $gy), 7),
                round($gx, 7),
                round($gy, 7),
            ];
            $best = $best === null || $key < $best ? $key : $best;
        }
        self::assertNotNull($best);

        return [$best[0], $best[2], $best[3]];
    }

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     * @param array{float, float, float} $c
     * @return ?array{float, float, float} null where the three are in line
     */
    private static function through(array $a, array $b, array $c): ?array
    {
        $det = ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($c[0] - $a[0]) * ($b[1] - $a[1]);
        if (abs($det) < 1e-9) {
            return null;
        }
        $gx = (($b[2] - $a[2]) * ($c[1] - $a[1]) - ($c[2] - $a[2]) * ($b[1] - $a[1])) / $det;
        $gy = (($b[0] - $a[0]) * ($c[2] - $a[2]) - ($c[0] - $a[0]) * ($b[2] - $a[2])) / $det;

        return [$a[2] - $gx * $a[0] - $gy * $a[1], $gx, $gy];
    }
}
