<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\BuilderTimes;
use PHPUnit\Framework\TestCase;

final class BuilderTimesTest extends TestCase
{
    public function test_median_and_the_middle_half_are_told_from_five_builders_on(): void
    {
        $told = fn(float ...$minutes): BuilderTimes => BuilderTimes::of(
            ['a', 'b'],
            array_map(
                static fn(float $each): array => ['ticked' => ['a' => $each], 'rests' => false],
                array_values($minutes),
            ),
        )[0];
        $four = $told(3.0, 1.0, 2.0, 4.0);
        self::assertSame([4, null, null, null], [$four->builders, $four->median, $four->low, $four->high]);
        // R: quantile(c(1, 2, 3, 4, 10)) is 1 2 3 4 10; of six, c(1, 2, 3, 4, 5, 10): 2.25, 3.5, 4.75.
        $five = $told(3.0, 1.0, 10.0, 4.0, 2.0);
        self::assertSame([3.0, 2.0, 4.0], [$five->median, $five->low, $five->high]);
        $six = $told(3.0, 1.0, 10.0, 4.0, 2.0, 5.0);
        self::assertEqualsWithDelta([3.5, 2.25, 4.75], [$six->median, $six->low, $six->high], 1e-12);
    }

    public function test_who_rests_before_the_last_step_has_stopped_at_the_last_one_they_ticked(): void
    {
        $told = BuilderTimes::of(
            ['a', 'b', 'c'],
            [
                ['ticked' => ['a' => 1.0, 'b' => null], 'rests' => true],
                ['ticked' => ['a' => null, 'b' => null], 'rests' => false],
                ['ticked' => ['a' => 1.0, 'b' => 2.0, 'c' => 3.0], 'rests' => true],
                ['ticked' => ['gone' => 1.0], 'rests' => true],
                ['ticked' => [], 'rests' => true],
            ],
        );
        self::assertSame([0, 1, 0], array_map(static fn(BuilderTimes $each): int => $each->stopped, $told));
        self::assertSame([2, 1, 1], array_map(static fn(BuilderTimes $each): int => $each->builders, $told));
        self::assertSame([], BuilderTimes::of([], []));
    }
}
