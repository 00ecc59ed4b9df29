<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board;

use Chiralex\Board\Point;
use Chiralex\Board\Polygon;
use PHPUnit\Framework\TestCase;

final class PolygonTest extends TestCase
{
    public function test_area_and_centroid_do_not_depend_on_the_way_round(): void
    {
        $there = self::polygon([0, 0], [60, 0], [60, 40], [0, 40]);
        $back = self::polygon([0, 40], [60, 40], [60, 0], [0, 0]);
        foreach ([$there, $back] as $board) {
            self::assertEqualsWithDelta(2400.0, $board->area(), 1e-9);
            self::assertEqualsWithDelta(30.0, $board->centroid()->x, 1e-9);
            self::assertEqualsWithDelta(20.0, $board->centroid()->y, 1e-9);
        }
    }

    public function test_the_centroid_of_an_angle_is_that_of_its_two_rectangles(): void
    {
        // 30 x 50 beside 50 x 20: (1500 * 15 + 1000 * 55) / 2500, (1500 * 25 + 1000 * 10) / 2500
        $angle = self::polygon([0, 0], [80, 0], [80, 20], [30, 20], [30, 50], [0, 50]);

        self::assertEqualsWithDelta(2500.0, $angle->area(), 1e-9);
        self::assertEqualsWithDelta(31.0, $angle->centroid()->x, 1e-9);
        self::assertEqualsWithDelta(19.0, $angle->centroid()->y, 1e-9);
        self::assertTrue($angle->contains(new Point(10.0, 40.0)));
        self::assertFalse($angle->contains(new Point(60.0, 40.0)));
    }

    public function test_the_hull_of_random_points_holds_them_all_and_turns_one_way(): void
    {
        mt_srand(2);
        for ($round = 0; $round < 20; ++$round) {
            $points = array_map(
                static fn(): Point => new Point(mt_rand(0, 500) / 10, mt_rand(0, 500) / 10),
                range(1, 40),
            );
            $corners = Polygon::around($points)->corners;
            $count = count($corners);
            self::assertGreaterThanOrEqual(3, $count);
            foreach ($corners as $index => $a) {
                $b = $corners[($index + 1) % $count];
                foreach ($points as $point) {
                    self::assertGreaterThan(
                        -1e-6,
                        ($b->x - $a->x) * ($point->y - $a->y) - ($b->y - $a->y) * ($point->x - $a->x),
                    );
                }
            }
        }
    }

    public function test_quarter_turns_are_exact_and_four_of_them_lead_back(): void
    {
        $point = new Point(1.25, -7.5);

        self::assertEquals(new Point(7.5, 1.25), $point->turned(90.0));
        self::assertEquals($point, $point->turned(90.0)->turned(90.0)->turned(90.0)->turned(90.0));
        self::assertEquals($point->turned(270.0), $point->turned(-90.0));
    }

    /** @param array{int, int} ...$corners */
    private static function polygon(array ...$corners): Polygon
    {
        return new Polygon(
            array_map(static fn(array $xy): Point => new Point((float) $xy[0], (float) $xy[1]), array_values($corners)),
        );
    }
}
