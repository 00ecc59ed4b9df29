<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Bagging\Packing\PackTimes;
use Chiralex\Bagging\Packing\TwoWays;
use Chiralex\Bagging\Weighing\CountByWeight;
use Chiralex\Bagging\Weighing\LineMass;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Kit\Sorting;
use Chiralex\Kit\Weighing;
use Chiralex\Tests\KitMaker;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Line by line against bag by bag, and counting by weight. */
final class PackingTimeTest extends TestCase
{
    public function test_the_two_ways_are_straight_lines_that_cross(): void
    {
        $kit = KitMaker::kit(['R1-R4,330,Axial 1/4W,resistor', 'C1,47n,Ceramic disc 5mm,ceramic capacitor']);
        $plan = (new BagPlanner())->plan($kit, null, Sorting::ByCost);
        $ways = TwoWays::of($plan, new PackTimes(10.0, 2.0, 1.0, 1.0, 3.0, 6.0, 4.0));

        // Two lines, five pieces, one bag: 24 s of walking, 5 + 2 + 10 s a kit, 3 s to lay out.
        self::assertEqualsWithDelta(41.0 / 60.0, $ways->bagByBag(1), 1e-12);
        self::assertEqualsWithDelta((24.0 + 10 * 20.0) / 60.0, $ways->lineByLine(10), 1e-12);
        self::assertSame(2, $ways->crossing());
        self::assertLessThan($ways->bagByBag(2), $ways->lineByLine(2));
        self::assertGreaterThan($ways->bagByBag(1), $ways->lineByLine(1));
    }

    public function test_where_laying_out_costs_more_than_walking_line_by_line_never_wins(): void
    {
        $plan = (new BagPlanner())->plan(KitMaker::kit(['R1,330,Axial 1/4W,resistor']), null, Sorting::ByCost);

        self::assertNull(TwoWays::of($plan, new PackTimes(walk: 0.5, grip: 0.5, layOut: 1.0))->crossing());
        self::assertNotNull(TwoWays::of($plan, new PackTimes(walk: 0.6, grip: 0.5, layOut: 1.0))->crossing());
    }

    public function test_a_handful_is_the_largest_that_is_sure_and_no_smaller_one_is_unsure(): void
    {
        $count = new CountByWeight(self::resistors(), new Scale());
        $handful = $count->handful(3, 500);

        self::assertGreaterThan(1, $handful);
        self::assertGreaterThanOrEqual(CountByWeight::SURE_HANDFUL, $count->isRight(3 * $handful));
        self::assertLessThan(CountByWeight::SURE_HANDFUL, $count->isRight(3 * ($handful + 1)));
        self::assertSame(2, $count->handful(3, 2), 'never more kits than there are');
    }

    public function test_a_scale_that_is_too_coarse_counts_nothing(): void
    {
        $count = new CountByWeight(self::resistors(), new Scale(1.0, 0.5));

        self::assertSame(0, $count->handful(1, 10));
        self::assertNull($count->sample(100));
    }

    /** @return iterable<string, array{int}> */
    public static function amounts(): iterable
    {
        yield 'twenty' => [20];
        yield 'fifty' => [50];
    }

    #[DataProvider('amounts')]
    public function test_more_pieces_ask_for_a_larger_sample(int $pieces): void
    {
        $count = new CountByWeight(self::resistors(), new Scale());
        $sample = $count->sample($pieces);

        self::assertNotNull($sample);
        self::assertLessThan($pieces, $sample);
        self::assertGreaterThanOrEqual($sample, $count->sample($pieces + 20) ?? PHP_INT_MAX);
    }

    private static function resistors(): LineMass
    {
        $weighings = array_map(static fn(array $each): Weighing => new Weighing('R1', $each[0], $each[1]), [
            [10, 2.13],
            [10, 2.14],
            [20, 4.27],
            [20, 4.28],
            [40, 8.55],
            [40, 8.54],
        ]);

        return LineMass::of($weighings, 0.01) ?? throw new LogicException('six weighings are enough');
    }
}
