<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply;

use Chiralex\Supply\LastDay;
use Chiralex\Supply\RunOut;
use PHPUnit\Framework\TestCase;

final class LastDayTest extends TestCase
{
    public function test_the_part_that_has_to_be_ordered_first_counts_and_not_the_shortest(): void
    {
        $last = LastDay::of(36, 12, 4, ['r5' => ['kits' => 10, 'lead' => 3], 'k1' => ['kits' => 14, 'lead' => 40]], 2);
        self::assertNotNull($last);
        self::assertSame('k1', $last->part);
        self::assertSame([18, 40, 2], [$last->kits, $last->lead, $last->packing]);
        self::assertSame(RunOut::of(36, 12, 18)->earliest, $last->soldOut);
        self::assertSame($last->soldOut - 42, $last->day);
        self::assertLessThan(0, $last->day);
    }

    public function test_a_part_whose_supplier_says_no_days_is_left_out(): void
    {
        self::assertNull(LastDay::of(36, 12, 4, ['r5' => ['kits' => 0, 'lead' => null]], 2));
        self::assertSame(
            'd1',
            LastDay::of(36, 12, 4, ['r5' => ['kits' => 0, 'lead' => null], 'd1' => ['kits' => 9, 'lead' => 0]], 2)
                ?->part,
        );
    }

    public function test_kits_that_nobody_orders_need_no_parts(): void
    {
        self::assertNull(LastDay::of(0, 26, 20, ['r5' => ['kits' => 400, 'lead' => 3]], 2));
        self::assertNull(LastDay::of(36, 12, 4, [], 2));
    }

    public function test_what_is_sold_out_already_has_to_be_ordered_before_today(): void
    {
        self::assertSame(-5, LastDay::of(36, 12, -3, ['r5' => ['kits' => 3, 'lead' => 3]], 2)?->day);
    }
}
