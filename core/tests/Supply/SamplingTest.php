<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply;

use Brick\Math\BigDecimal;
use Chiralex\Supply\Data\SamplingTable;
use Chiralex\Supply\InspectionLevel;
use Chiralex\Supply\Sampling;
use Chiralex\Supply\SamplingPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** ISO 2859-1, normal inspection, single plans: entries of tables 1 and 2-A, from memory. */
final class SamplingTest extends TestCase
{
    /** @return iterable<string, array{int, string, string, string, int, int}> lot, AQL, level, letter, sample, accept */
    public static function series(): iterable
    {
        yield 'the smallest lot is drawn whole' => [2, '6.5', 'II', 'A', 2, 0];
        yield 'a lot of one' => [1, '6.5', 'II', 'A', 1, 0];
        yield 'row B begins at 9' => [9, '4.0', 'II', 'B', 3, 0];
        yield 'row A ends at 8' => [8, '6.5', 'II', 'A', 2, 0];
        yield 'an arrow down' => [24, '6.5', 'II', 'C', 8, 1];
        yield 'an arrow up' => [24, '4.0', 'II', 'C', 3, 0];
        yield 'nothing above the first row' => [5, '10', 'II', 'A', 5, 1];
        yield 'letter J at 1.0' => [800, '1.0', 'II', 'J', 80, 2];
        yield 'letter J at 2.5' => [800, '2.5', 'II', 'J', 80, 5];
        yield 'letter J at 0.15' => [800, '0.15', 'II', 'J', 80, 0];
        yield 'letter G at 1.0, arrow down to H' => [280, '1.0', 'II', 'G', 50, 1];
        yield 'letter G at 0.65, arrow up to F' => [280, '0.65', 'II', 'G', 20, 0];
        yield 'level I is smaller' => [280, '1.5', 'I', 'E', 8, 0];
        yield 'level III is one letter larger' => [280, '1.5', 'III', 'H', 50, 2];
        yield 'the largest lots end at R' => [500001, '0.010', 'III', 'R', 1250, 0];
        yield 'at most 21 bad pieces' => [500001, '10', 'II', 'Q', 1250, 21];
        yield 'a small lot and a small share: all of it' => [30, '0.010', 'II', 'D', 30, 0];
    }

    #[DataProvider('series')]
    public function test_a_lot_of_a_series_is_sampled_by_the_table(
        int $lot,
        string $aql,
        string $level,
        string $letter,
        int $sample,
        int $accept,
    ): void {
        $index = array_search($aql, SamplingTable::AQLS, true);
        self::assertIsInt($index);
        $found = Sampling::series($lot, $index, InspectionLevel::from($level));

        self::assertSame(
            [$letter, $sample, $accept, $accept + 1],
            [$found['letter'], $found['plan']->sample, $found['plan']->accept, $found['plan']->reject()],
        );
    }

    public function test_a_lot_that_stands_alone_is_sampled_by_its_risk(): void
    {
        // Worked out by hand in the example of the verb: 5 bad pieces of 60, ceiling of 4.8.
        self::assertSame([[22, 0], [35, 1], [45, 2]], self::pairs(Sampling::single(60, BigDecimal::of('0.08'), 0.1)));
        // One bad piece of two: half the samples of one find it.
        self::assertSame([[1, 0]], self::pairs(Sampling::single(2, BigDecimal::of('0.5'), 0.5)));
        self::assertSame([[2, 0]], self::pairs(Sampling::single(2, BigDecimal::of('0.5'), 0.4999)));
        // 7 % of 100 are seven pieces, exactly: no binary float makes them eight.
        self::assertSame(
            self::pairs(Sampling::single(100, BigDecimal::of('0.07'), 0.1)),
            self::pairs(Sampling::single(100, BigDecimal::of('0.0601'), 0.1)),
        );
    }

    /**
     * @param list<SamplingPlan> $plans
     * @return list<array{int, int}>
     */
    private static function pairs(array $plans): array
    {
        return array_map(static fn(SamplingPlan $plan): array => [$plan->sample, $plan->accept], $plans);
    }
}
