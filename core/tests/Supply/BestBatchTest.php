<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply;

use Chiralex\Supply\Buying\BestBatch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BestBatchTest extends TestCase
{
    /** @return iterable<string, array{float, float, float, float}> demand, set-up, holding, cost of a kit */
    public static function shops(): iterable
    {
        yield 'a small shop' => [130.0, 98.0, 0.2, 9.0];
        yield 'a dear set-up' => [400.0, 500.0, 0.25, 14.5];
        yield 'a cheap one' => [52.0, 18.0, 0.2, 6.0];
    }

    #[DataProvider('shops')]
    public function test_at_one_price_it_is_the_square_root_of_harris(
        float $demand,
        float $setUp,
        float $holding,
        float $cost,
    ): void {
        $best = BestBatch::of(array_fill(1, 500, $cost), $demand, $setUp, $holding);
        self::assertEqualsWithDelta(sqrt((2 * $demand * $setUp) / ($holding * $cost)), $best?->kits, 1.0);
        // At the best the set-ups of a year cost what lies in stock does: their sum is sqrt(2 D S h c).
        self::assertEqualsWithDelta(
            $demand * $cost + sqrt(2 * $demand * $setUp * $holding * $cost),
            $best?->year,
            0.05,
        );
    }

    public function test_a_break_draws_the_batch_up_to_it(): void
    {
        $each = array_fill(1, 500, 9.0);
        for ($kits = 150; $kits <= 500; ++$kits) {
            $each[$kits] = 6.0;
        }
        self::assertSame(150, BestBatch::of($each, 130.0, 98.0, 0.2)?->kits);
    }

    public function test_without_set_up_and_breaks_one_kit_at_a_time_is_best(): void
    {
        self::assertSame(1, BestBatch::of(array_fill(1, 500, 9.0), 130.0, 0.0, 0.2)?->kits);
    }

    public function test_what_cannot_be_bought_is_no_batch(): void
    {
        self::assertSame(2, BestBatch::of([1 => null, 2 => 9.0], 10.0, 5.0, 0.2)?->kits);
        self::assertNull(BestBatch::of([1 => null], 10.0, 5.0, 0.2));
    }
}
