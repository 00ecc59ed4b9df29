<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board;

use Chiralex\Board\Azimuths;
use Chiralex\Board\FreeApproach;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Placement;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Part\BodyShape;
use Chiralex\Part\Leads;
use Chiralex\Part\LeadStyle;
use Chiralex\Part\Outline;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class FreeApproachTest extends TestCase
{
    public function test_a_tall_wall_blocks_what_it_spans_widened_by_the_irons_own_width(): void
    {
        // A wall of 20 mm, its face 5 mm to the right of the joint: seen from it, it spans the tangents to its ends, 1.5 mm off.
        $wall = self::body('W', 6.0, 0.0, 2.0, 20.0, 30.0);
        $near = hypot(5.0, 10.0);
        $half = rad2deg(atan2(10.0, 5.0) + asin(1.5 / $near));

        self::assertEqualsWithDelta(
            360.0 - 2 * $half,
            (new FreeApproach())->iron(new Point(0.0, 0.0), [$wall])->widest(),
            1e-6,
        );
        self::assertTrue((new FreeApproach())->ironFits((new FreeApproach())->iron(new Point(0.0, 0.0), [$wall])));
    }

    public function test_a_low_body_farther_off_than_its_height_and_two_is_not_in_the_way(): void
    {
        $free = static fn(float $height): float => (new FreeApproach())
            ->iron(new Point(0.0, 0.0), [self::body('B', 8.0, 0.0, 2.0, 2.0, $height)])
            ->widest();

        // Its face is 7 mm off, the iron's side 1.5 mm nearer: below 3.5 mm the iron is over it.
        self::assertSame(360.0, $free(3.4));
        self::assertLessThan(360.0, $free(3.6));
    }

    public function test_a_joint_beside_a_body_is_blocked_all_round_only_when_it_stands_within_the_iron(): void
    {
        self::assertSame(
            0.0,
            (new FreeApproach())->iron(new Point(0.0, 0.0), [self::body('B', 2.0, 0.0, 2.0, 4.0, 10.0)])->widest(),
        );
        self::assertLessThan(
            181.0,
            (new FreeApproach())->iron(new Point(0.0, 0.0), [self::body('B', 2.6, 0.0, 2.0, 40.0, 10.0)])->widest(),
        );
    }

    public function test_four_walls_leave_no_room_and_two_leave_opposite_gaps(): void
    {
        $approach = new FreeApproach();
        $part = self::body('K1', 0.0, 0.0, 10.0, 10.0, 15.0);
        [$east, $west, $north, $south] = [
            self::body('E', 11.0, 0.0, 8.0, 30.0, 12.0),
            self::body('W', -11.0, 0.0, 8.0, 30.0, 12.0),
            self::body('N', 0.0, 11.0, 30.0, 8.0, 12.0),
            self::body('S', 0.0, -11.0, 30.0, 8.0, 12.0),
        ];

        self::assertTrue(
            $approach->fingersFit($approach->fingers($part, [$east, $west])),
            'fingers take it from north and south',
        );
        self::assertFalse(
            $approach->fingersFit($approach->fingers($part, [$east, $west, $north])),
            'one gap is not two',
        );
        self::assertFalse($approach->fingersFit($approach->fingers($part, [$east, $west, $north, $south])));
        self::assertTrue(
            $approach->fingersFit(
                $approach->fingers($part, [self::body('L', 11.0, 0.0, 8.0, 30.0, 7.0), $north, $south]),
            ),
            'a neighbour of less than half its height is no wall',
        );
        self::assertTrue(
            $approach->fingersFit(
                $approach->fingers($part, [self::body('F', 22.0, 0.0, 4.0, 40.0, 20.0), $north, $south]),
            ),
            'nor is one beyond the finger',
        );
    }

    /** @return iterable<string, array{int}> seeds */
    public static function seeds(): iterable
    {
        foreach (range(1, 8) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_the_arcs_equal_what_stepping_round_the_joint_finds(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $number = static fn(float $low, float $high): float => $low +
            (($high - $low) * $random->getInt(0, 100000)) / 100000;
        $bodies = [];
        for ($i = 0; $i < 4; ++$i) {
            $bodies[] = self::body(
                "B{$i}",
                $number(-15, 15),
                $number(-15, 15),
                $number(2, 9),
                $number(2, 9),
                $number(1, 16),
                $number(0, 360),
                $random->getInt(0, 1) === 1,
            );
        }
        $joint = new Point(0.0, 0.0);
        $free = (new FreeApproach())->iron($joint, $bodies);
        for ($degrees = 0.25; $degrees < 360.0; $degrees += 15.0) {
            $clear = self::clearance($joint, $degrees, $bodies);
            if (abs($clear) > 0.03) {
                // at an edge of an arc the stepping itself is not exact
                self::assertSame($clear > 0.0, self::has($free, $degrees), "at {$degrees}");
            }
        }
    }

    public function test_sets_of_directions_join_over_north_and_turn_inside_out(): void
    {
        $set = Azimuths::arc(350.0, 20.0)->with(Azimuths::arc(5.0, 25.0))->with(Azimuths::arc(100.0, 10.0));

        self::assertEqualsWithDelta([[100.0, 110.0], [350.0, 390.0]], $set->arcs, 1e-9);
        self::assertEqualsWithDelta([[30.0, 100.0], [110.0, 350.0]], $set->complement()->arcs, 1e-9);
        self::assertSame(240.0, round($set->complement()->widest(), 6));
        self::assertSame([], Azimuths::all()->complement()->arcs);
        self::assertTrue(
            Azimuths::arc(340.0, 40.0)->with(Azimuths::arc(160.0, 40.0))->shrunk(20.0)->hasOpposites(),
            'two gaps of just forty degrees',
        );
        self::assertFalse(Azimuths::arc(340.0, 40.0)->with(Azimuths::arc(165.0, 40.0))->shrunk(20.0)->hasOpposites());
    }

    private static function body(
        string $name,
        float $x,
        float $y,
        float $along,
        float $across,
        float $height,
        float $rotation = 0.0,
        bool $can = false,
    ): PlacedBody {
        return PlacedBody::place(
            new Placement($name, new Point($x, $y), $rotation, Side::Top, 'main'),
            new Outline(
                'test',
                $can ? BodyShape::Can : BodyShape::Box,
                $along,
                $can ? $along : $across,
                $height,
                new Leads(LeadStyle::StiffPins, 3.0),
                [],
                'test',
            ),
            $height,
        );
    }

    /**
     * How far the nearest blocking body stays from being in the way, by stepping along the ray: below zero it is.
     *
     * @param list<PlacedBody> $bodies
     */
    private static function clearance(Point $joint, float $degrees, array $bodies): float
    {
        $clear = INF;
        foreach ($bodies as $body) {
            $corners = $body->footprint();
            for ($d = 0.0; $d < $body->height + 2.0; $d += 0.02) {
                $at = $joint->plus($d * cos(deg2rad($degrees)), $d * sin(deg2rad($degrees)));
                $clear = min($clear, $corners->contains($at) ? -1.0 : self::distance($corners->corners, $at) - 1.5);
            }
        }

        return $clear;
    }

    /** @param list<Point> $corners */
    private static function distance(array $corners, Point $point): float
    {
        $least = INF;
        foreach ($corners as $index => $a) {
            $b = $corners[($index + 1) % count($corners)];
            $square = ($b->x - $a->x) ** 2 + ($b->y - $a->y) ** 2;
            $t = max(
                0.0,
                min(1.0, (($point->x - $a->x) * ($b->x - $a->x) + ($point->y - $a->y) * ($b->y - $a->y)) / $square),
            );
            $least = min($least, $point->distanceTo($a->plus($t * ($b->x - $a->x), $t * ($b->y - $a->y))));
        }

        return $least;
    }

    private static function has(Azimuths $set, float $degrees): bool
    {
        foreach ($set->arcs as [$from, $to]) {
            if (($degrees >= $from && $degrees <= $to) || ($degrees + 360.0 >= $from && $degrees + 360.0 <= $to)) {
                return true;
            }
        }

        return false;
    }
}
