<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board;

use Chiralex\Board\Assembly;
use Chiralex\Board\BoardShape;
use Chiralex\Board\Joined;
use Chiralex\Board\Lie;
use Chiralex\Board\Lying;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Placement;
use Chiralex\Board\Point;
use Chiralex\Board\Polygon;
use Chiralex\Board\Side;
use Chiralex\Board\SupportCloud;
use Chiralex\Board\SupportPoint;
use Chiralex\Part\Outlines;
use PHPUnit\Framework\TestCase;

final class LyingTest extends TestCase
{
    public function test_a_bare_board_lies_flat_on_its_corners(): void
    {
        $lie = self::lie([]);

        self::assertSame(['corner 0,0', 'corner 0,40', 'corner 60,0', 'corner 60,40'], $lie->contacts);
        self::assertEqualsWithDelta(0.0, $lie->plane->tilt(), 1e-12);
        self::assertFalse($lie->rocks);
    }

    public function test_a_flat_top_over_the_centre_carries_the_board_level(): void
    {
        $socket = self::body('XU1', 'socket-DIP-8', 30, 20);
        $lie = self::lie([$socket]);

        self::assertSame(['XU1'], $lie->contacts);
        self::assertEqualsWithDelta(4.75, $lie->plane->h, 1e-9);
        self::assertEqualsWithDelta(0.0, $lie->gap($socket), 1e-9);
        self::assertFalse($lie->rocks);
    }

    public function test_one_tall_part_at_the_side_tilts_the_board_by_hand_computed_gradient(): void
    {
        // A box 8 mm high on x = 4..12 beside the left edge; the board leans on it and on its right corners:
        // the box's nearer edge to the centre is x = 12, so the slope is 8 / (60 - 12).
        $lie = self::lie([self::body('C1', 'block-8x8x8', 8, 20)]);

        self::assertSame(['C1', 'corner 60,0', 'corner 60,40'], $lie->contacts);
        self::assertEqualsWithDelta(-8 / 48, $lie->plane->gx, 1e-9);
        self::assertEqualsWithDelta(rad2deg(atan(8 / 48)), $lie->plane->tilt(), 1e-9);
    }

    public function test_a_gap_is_measured_along_the_normal_at_the_centre(): void
    {
        $resistor = self::body('R1', 'axial-1/4W', 40, 10);
        $lie = self::lie([self::body('C1', 'block-8x8x8', 8, 20), $resistor]);
        $slope = 8 / 48;

        self::assertEqualsWithDelta(((8 / 48) * (60 - 40) - 2.5) / sqrt(1 + $slope ** 2), $lie->gap($resistor), 1e-9);
    }

    public function test_of_equal_facets_the_least_tilt_then_the_least_gradient_is_taken(): void
    {
        // A dome over the centre: four facets meet there; those over the short edges tilt less, and of them (-0.29, 0) is least.
        $lie = self::lie([self::body('LED1', 'led-5mm', 30, 20)]);

        self::assertSame(['LED1', 'corner 60,0', 'corner 60,40'], $lie->contacts);
        self::assertEqualsWithDelta(-8.7 / 30, $lie->plane->gx, 1e-9);
        self::assertTrue($lie->rocks);
        self::assertNotNull($lie->neighbour);
    }

    public function test_trimmed_leads_of_the_other_side_carry_the_board(): void
    {
        $below = self::body('R1', 'axial-1/4W', 30, 20, Side::Bottom);
        $lie = self::lie([$below]);

        self::assertContains('R1', $lie->contacts);
        self::assertEqualsWithDelta(Lying::STUB, $lie->plane->at(new Point(30.0, 20.0)), 1e-9);
    }

    public function test_an_ic_in_a_socket_of_the_other_side_has_no_leads_to_lie_on(): void
    {
        $outline = Outlines::standard()->named('DIP-8');
        $below = PlacedBody::place(
            new Placement('U1', new Point(30.0, 20.0), 0.0, Side::Bottom, 'main'),
            $outline,
            8.0,
            pierces: false,
        );

        self::assertNotContains('U1', self::lie([$below])->contacts);
    }

    public function test_a_known_mass_moves_the_centre(): void
    {
        $heavy = PlacedBody::place(
            new Placement('T1', new Point(50.0, 20.0), 0.0, Side::Top, 'main'),
            Outlines::standard()->named('block-8x8x8'),
            8.0,
            null,
            new Point(0.0, 0.0),
            60.0,
        );
        $board = self::board();
        $area = 60 * 40;
        $grams = $area * 1.6 * 0.00185;

        self::assertEqualsWithDelta(
            ($grams * 30 + 60 * 50) / ($grams + 60),
            Assembly::around($board, [$board])->centre([$heavy])->x,
            1e-9,
        );
    }

    public function test_joined_boards_lie_as_one_until_they_are_snapped(): void
    {
        $main = self::board();
        $lamps = new BoardShape(
            'lamps',
            new Polygon([new Point(0.0, 0.0), new Point(20.0, 0.0), new Point(20.0, 40.0), new Point(0.0, 40.0)]),
            joined: new Joined('main', new Point(60.0, 0.0)),
        );

        self::assertSame(['main', 'lamps'], Assembly::around($lamps, [$main, $lamps])->names());
        self::assertEqualsWithDelta(40.0, Assembly::around($main, [$main, $lamps])->centre([])->x, 1e-9);
        self::assertSame(['lamps'], Assembly::around($lamps, [$main, $lamps], ['lamps'])->names());
    }

    public function test_no_point_stands_through_the_table_on_random_boards(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 60; ++$round) {
            $points = array_map(
                static fn(array $xy): SupportPoint => new SupportPoint($xy[0], $xy[1], 0.0, "corner {$xy[0]},{$xy[1]}"),
                [[0, 0], [60, 0], [60, 40], [20, 18], [0, 40]],
            );
            for ($i = 0; $i < 40; ++$i) {
                $points[] = new SupportPoint(mt_rand(0, 600) / 10, mt_rand(0, 400) / 10, mt_rand(0, 12), "P{$i}");
            }
            $lie = (new Lying())->settle(SupportCloud::of($points), new Point(25.0, 17.0));
            foreach ($points as $point) {
                self::assertLessThan(1e-6, $point->z - $lie->plane->at(new Point($point->x, $point->y)));
            }
            self::assertGreaterThanOrEqual(1, count($lie->contacts));
        }
    }

    /** @param list<PlacedBody> $fitted */
    private static function lie(array $fitted): Lie
    {
        $board = self::board();

        return (new Lying())->lie(Assembly::around($board, [$board]), Side::Top, $fitted);
    }

    private static function board(): BoardShape
    {
        return new BoardShape(
            'main',
            new Polygon([new Point(0.0, 0.0), new Point(60.0, 0.0), new Point(60.0, 40.0), new Point(0.0, 40.0)]),
        );
    }

    private static function body(string $name, string $outline, float $x, float $y, Side $side = Side::Top): PlacedBody
    {
        $found = Outlines::standard()->named($outline);

        return PlacedBody::place(new Placement($name, new Point($x, $y), 0.0, $side, 'main'), $found, $found->height);
    }
}
