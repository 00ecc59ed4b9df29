<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply;

use Chiralex\Supply\RunOut;
use PHPUnit\Framework\TestCase;

final class RunOutTest extends TestCase
{
    public function test_what_is_ordered_already_is_gone_today(): void
    {
        self::assertSame([0, 0, 0], self::days(RunOut::of(34, 12, 0)));
        self::assertSame([0, 0, 0], self::days(RunOut::of(34, 12, -3)));
        self::assertGreaterThan(0, RunOut::of(34, 12, 1)->latest);
    }

    public function test_kits_that_nobody_orders_have_no_last_day(): void
    {
        $never = RunOut::of(0, 26, 20);
        self::assertNull($never->latest);
        self::assertNull($never->middle);
    }

    public function test_more_on_hand_lasts_longer_and_more_orders_less_long(): void
    {
        for ($left = 1; $left < 60; ++$left) {
            self::assertLessThanOrEqual(RunOut::of(40, 12, $left + 1)->middle, RunOut::of(40, 12, $left)->middle);
            self::assertGreaterThanOrEqual(RunOut::of(41, 12, $left)->middle, RunOut::of(40, 12, $left)->middle);
        }
    }

    public function test_the_interval_narrows_with_what_was_seen(): void
    {
        [$few, $many] = [RunOut::of(12, 4, 60), RunOut::of(78, 26, 60)];
        self::assertEqualsWithDelta($few->middle, $many->middle, 7);
        self::assertGreaterThan($many->latest - $many->earliest, $few->latest - $few->earliest);
    }

    /** @return list<?int> */
    private static function days(RunOut $out): array
    {
        return [$out->earliest, $out->middle, $out->latest];
    }
}
