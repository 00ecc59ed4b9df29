<?php

declare(strict_types=1);

namespace Chiralex\Tests\Statistics;

use Chiralex\Statistics\BenjaminiHochberg;
use Chiralex\Statistics\Fisher;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FisherTest extends TestCase
{
    /** @return iterable<string, array{int, int, int, int, float}> inside, group, hits, all, chance */
    public static function tables(): iterable
    {
        // R. A. Fisher, The Design of Experiments, section 7: eight cups of tea, four and four, from memory: 1/70, 17/70.
        yield 'all four cups right' => [4, 4, 4, 8, 1 / 70];
        yield 'three cups or more' => [3, 4, 4, 8, 17 / 70];
        yield 'none is always' => [0, 4, 4, 8, 1.0];
        yield 'everything is in the group' => [3, 9, 3, 9, 1.0];
        yield 'the lot of the worked example' => [4, 8, 4, 20, 70 / 4845];
        yield 'more than the group holds' => [5, 4, 6, 20, 0.0];
    }

    #[DataProvider('tables')]
    public function test_as_many_or_more_fall_into_the_group_by_chance(
        int $inside,
        int $group,
        int $hits,
        int $all,
        float $chance,
    ): void {
        self::assertEqualsWithDelta($chance, Fisher::atLeast($inside, $group, $hits, $all), 1e-12);
    }

    public function test_the_chances_of_many_tests_are_adjusted_step_by_step(): void
    {
        // By hand: 0.01 x 4 / 1, 0.02 x 4 / 2, 0.03 x 4 / 3, 0.9 x 4 / 4; each no larger than the next.
        $adjusted = BenjaminiHochberg::adjusted(['c' => 0.03, 'a' => 0.01, 'd' => 0.9, 'b' => 0.02]);
        ksort($adjusted);
        self::assertEqualsWithDelta(['a' => 0.04, 'b' => 0.04, 'c' => 0.04, 'd' => 0.9], $adjusted, 1e-12);
        self::assertSame([], BenjaminiHochberg::adjusted([]));
    }
}
