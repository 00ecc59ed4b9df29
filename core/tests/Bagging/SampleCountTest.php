<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Weighing\SampleCount;
use Chiralex\Bagging\Weighing\Scale;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SampleCountTest extends TestCase
{
    public function test_a_small_heap_of_heavy_pieces_is_counted_for_sure(): void
    {
        $count = SampleCount::of(10, 12.0, 24.0, new Scale());
        self::assertSame([20, 20, 20, true], [$count->count, $count->least, $count->most, $count->isSure()]);
    }

    public function test_a_large_heap_from_a_small_sample_has_a_range_and_asks_for_a_larger_one(): void
    {
        $count = SampleCount::of(10, 12.0, 480.0, new Scale());
        self::assertSame(400, $count->count);
        self::assertLessThan(400, $count->least);
        self::assertGreaterThan(400, $count->most);
        self::assertNull($count->sample);
        $fewer = SampleCount::of(2, 2.4, 15.0, new Scale());
        self::assertFalse($fewer->isSure());
        self::assertSame(6, $fewer->sample);
        self::assertTrue(SampleCount::of($fewer->sample, 1.2 * $fewer->sample, 15.0, new Scale())->isSure());
        self::assertFalse(SampleCount::of($fewer->sample - 1, 1.2 * ($fewer->sample - 1), 15.0, new Scale())->isSure());
    }

    public function test_an_empty_pan_is_none(): void
    {
        $count = SampleCount::of(10, 12.0, 0.0, new Scale());
        self::assertSame([0, 0, 0], [$count->count, $count->least, $count->most]);
    }

    public function test_heaps_that_are_drawn_lie_in_the_range_ninety_nine_times_in_a_hundred(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $share = static fn(): float => $random->getInt(1, 1_000_000_000) / 1_000_000_001;
        $normal = static fn(): float => sqrt(-2 * log($share())) * cos(2 * M_PI * $share());
        $scale = new Scale(0.01, 0.01);
        $within = 0;
        for ($heap = 0; $heap < 2000; ++$heap) {
            $true = $random->getInt(20, 300);
            $weigh = static function (int $pieces) use ($normal, $scale): float {
                $grams = 0.35 * ($pieces + SampleCount::SPREAD * sqrt($pieces) * $normal());

                return $grams + sqrt($scale->variance()) * $normal();
            };
            $count = SampleCount::of(20, $weigh(20), max(0.0, $weigh($true)), $scale);
            $within += $true >= $count->least && $true <= $count->most ? 1 : 0;
        }
        self::assertGreaterThan(2000 * 0.98, $within);
    }
}
