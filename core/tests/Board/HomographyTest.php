<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board;

use Chiralex\Board\FourCorners;
use Chiralex\Board\Homography;
use Chiralex\Board\Point;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Four points to four others, and which four may be a board. */
final class HomographyTest extends TestCase
{
    public function test_a_square_seen_from_the_side(): void
    {
        // By hand: x' = x / (1 + y), y' = 2 y / (1 + y) takes the unit square to a trapezium.
        $seen = static fn(float $x, float $y): Point => new Point($x / (1 + $y), (2 * $y) / (1 + $y));
        $corners = [[0.0, 0.0], [1.0, 0.0], [1.0, 1.0], [0.0, 1.0]];
        $turn = Homography::between(
            array_map(static fn(array $at): Point => new Point(...$at), $corners),
            array_map(static fn(array $at): Point => $seen(...$at), $corners),
        );
        self::assertNotNull($turn);
        foreach ([[0.5, 0.5], [0.25, 0.8], [0.9, 0.1]] as [$x, $y]) {
            self::assertEqualsWithDelta(
                [$seen($x, $y)->x, $seen($x, $y)->y],
                [$turn->point(new Point($x, $y))->x, $turn->point(new Point($x, $y))->y],
                1e-9,
            );
        }
    }

    public function test_there_and_back_is_where_it_began_and_lines_stay_lines(): void
    {
        mt_srand(4);
        $random = static fn(): float => mt_rand(-2000, 2000) / 1000;
        for ($round = 0; $round < 40; ++$round) {
            $from = [new Point(0, 0), new Point(60, 0), new Point(60, 40), new Point(0, 40)];
            $to = array_map(
                static fn(Point $at): Point => new Point(5 * $at->x + 20 * $random(), 4 * $at->y + 20 * $random()),
                $from,
            );
            $there = Homography::between($from, $to);
            $back = Homography::between($to, $from);
            self::assertNotNull($there);
            self::assertNotNull($back);
            $at = new Point(mt_rand(0, 60), mt_rand(0, 40));
            $again = $back->point($there->point($at));
            self::assertEqualsWithDelta([$at->x, $at->y], [$again->x, $again->y], 1e-6);
            $line = array_map(static fn(float $t): Point => $there->point(new Point(60 * $t, 40 * $t)), [
                0.1,
                0.5,
                0.9,
            ]);
            $area =
                ($line[1]->x - $line[0]->x) * ($line[2]->y - $line[0]->y) -
                ($line[1]->y - $line[0]->y) * ($line[2]->x - $line[0]->x);
            self::assertEqualsWithDelta(0.0, $area, 1e-5);
        }
    }

    public function test_three_in_one_line_are_no_board(): void
    {
        $square = [new Point(0, 0), new Point(1, 0), new Point(1, 1), new Point(0, 1)];
        $flat = [new Point(0, 0), new Point(1, 0), new Point(2, 0), new Point(0, 1)];

        self::assertNull(Homography::between($square, $flat));
        self::assertNull(Homography::between($flat, $square));
        self::assertNull(Homography::between($square, array_fill(0, 4, new Point(1, 1))));
    }

    /** @return iterable<string, array{list<array{float, float}>, bool, bool}> corners in shares, in order, may be 60 by 40 */
    public static function taps(): iterable
    {
        yield 'from straight above' => [[[0.1, 0.1], [0.7, 0.1], [0.7, 0.5], [0.1, 0.5]], true, true];
        yield 'from the front' => [[[0.2, 0.2], [0.8, 0.2], [0.9, 0.6], [0.1, 0.6]], true, true];
        yield 'the other way round' => [[[0.1, 0.5], [0.7, 0.5], [0.7, 0.1], [0.1, 0.1]], false, false];
        yield 'two exchanged' => [[[0.1, 0.1], [0.7, 0.5], [0.7, 0.1], [0.1, 0.5]], false, false];
        yield 'one pointing inwards' => [[[0.1, 0.1], [0.7, 0.1], [0.2, 0.2], [0.1, 0.5]], false, false];
        yield 'a board on its end' => [[[0.1, 0.1], [0.4, 0.1], [0.4, 0.9], [0.1, 0.9]], true, false];
        yield 'as long as may be' => [[[0.0, 0.0], [0.95, 0.0], [0.95, 0.4], [0.0, 0.4]], true, true];
        yield 'longer' => [[[0.0, 0.0], [0.97, 0.0], [0.97, 0.4], [0.0, 0.4]], true, false];
    }

    /** @param list<array{float, float}> $at */
    #[DataProvider('taps')]
    public function test_taps_are_in_order_and_have_about_the_shape_of_the_board(
        array $at,
        bool $inOrder,
        bool $mayBe,
    ): void {
        $corners = new FourCorners(array_map(static fn(array $xy): Point => new Point(...$xy), $at));

        self::assertSame(
            [$inOrder, $mayBe],
            [$corners->areInOrder(), $corners->areInOrder() && $corners->mayBe(60.0, 40.0)],
        );
    }
}
