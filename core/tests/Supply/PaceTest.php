<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply;

use Chiralex\Supply\Pace;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PaceTest extends TestCase
{
    public function test_a_shop_that_never_packed_promises_no_day(): void
    {
        self::assertSame([null, null], (new Pace(30, []))->days([5, 9]));
        self::assertSame([], (new Pace(30, [4]))->days([]));
    }

    /**
     * @param list<int> $packed
     * @param list<int> $left
     */
    #[DataProvider('shops')]
    public function test_the_first_day_is_named_on_which_the_chance_is_kept(int $days, array $packed, array $left): void
    {
        foreach ((new Pace($days, $packed))->days($left) as $told) {
            self::assertNotNull($told);
            [$day, $chance] = $told;
            self::assertGreaterThan(0, $day);
            self::assertGreaterThanOrEqual(Pace::KEPT, $chance);
            self::assertLessThanOrEqual(1.0, $chance);
        }
    }

    /** @return iterable<string, array{int, list<int>, list<int>}> */
    public static function shops(): iterable
    {
        yield 'packs each day' => [30, array_fill(0, 30, 6), [1, 6, 7, 60]];
        yield 'packs now and then' => [91, [12, 8, 15, 9, 11, 10], [1, 12, 20]];
        yield 'began yesterday' => [2, [3], [3]];
    }

    public function test_what_is_done_already_is_done_on_the_first_day(): void
    {
        self::assertSame([[1, 1.0]], (new Pace(91, [4, 4]))->days([0]));
    }

    public function test_more_to_pack_never_takes_less_long(): void
    {
        $before = 0;
        foreach ((new Pace(60, [3, 5, 8, 5, 4, 6, 2, 9, 5, 5]))->days(range(1, 40)) as $told) {
            self::assertGreaterThanOrEqual($before, $told[0] ?? Pace::FAR + 1);
            $before = $told[0] ?? Pace::FAR + 1;
        }
        self::assertGreaterThan(20, $before);
    }

    public function test_what_is_too_far_off_has_no_day(): void
    {
        self::assertSame([null], (new Pace(91, [1]))->days([10]));
    }
}
