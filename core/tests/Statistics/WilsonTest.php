<?php

declare(strict_types=1);

namespace Chiralex\Tests\Statistics;

use Chiralex\Statistics\Wilson;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Against R 4.2: `prop.test(k, n, correct = FALSE)$conf.int`, printed with 10 digits.
 */
final class WilsonTest extends TestCase
{
    /** @return iterable<string, array{int, int, float, float}> */
    public static function intervals(): iterable
    {
        yield '0 of 10' => [0, 10, 0.0, 0.2775327999];
        yield '1 of 10' => [1, 10, 0.0178762131, 0.4041500268];
        yield '5 of 60' => [5, 60, 0.0361204566, 0.1806894202];
        yield '7 of 41' => [7, 41, 0.0852525198, 0.312626124];
        yield '25 of 300' => [25, 300, 0.0570808741, 0.120121602];
        yield '10 of 10' => [10, 10, 0.7224672001, 1.0];
    }

    #[DataProvider('intervals')]
    public function test_the_interval_is_the_one_of_the_reference_program(
        int $hits,
        int $of,
        float $low,
        float $high,
    ): void {
        $interval = Wilson::of($hits, $of);
        self::assertEqualsWithDelta($low, $interval->low, 1e-8);
        self::assertEqualsWithDelta($high, $interval->high, 1e-8);
    }

    public function test_nothing_tried_says_nothing(): void
    {
        self::assertSame([0.0, 1.0], [Wilson::of(0, 0)->low, Wilson::of(0, 0)->high]);
    }
}
