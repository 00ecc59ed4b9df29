<?php

declare(strict_types=1);

namespace Chiralex\Tests\Statistics;

use Chiralex\Statistics\Hypergeometric;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Chances of a sample, recomputed from binomial coefficients by hand. */
final class HypergeometricTest extends TestCase
{
    /** @return iterable<string, array{int, int, int, int, float}> accept, lot, bad, sample, chance */
    public static function samples(): iterable
    {
        yield 'nothing drawn finds nothing' => [0, 60, 5, 0, 1.0];
        yield 'all drawn finds all' => [4, 60, 5, 60, 0.0];
        yield 'all drawn, all allowed' => [5, 60, 5, 60, 1.0];
        yield 'nothing bad' => [0, 60, 0, 22, 1.0];
        yield 'two of four, one bad' => [0, 4, 1, 2, 0.5];
        // 38 x 37 x 36 x 35 x 34 / (60 x 59 x 58 x 57 x 56)
        yield 'none of five bad among 22 of 60' => [0, 60, 5, 22, 60233040 / 655381440];
        yield 'at most one among 35 of 60' => [1, 60, 5, 35, (6375600 + 5 * 35 * 25 * 24 * 23 * 22) / 655381440];
        yield 'the chance of all but the worst' => [1, 10, 2, 5, 1 - 10 / 45];
    }

    #[DataProvider('samples')]
    public function test_the_chance_of_at_most_so_many(
        int $accept,
        int $lot,
        int $bad,
        int $sample,
        float $chance,
    ): void {
        self::assertEqualsWithDelta($chance, Hypergeometric::atMost($accept, $lot, $bad, $sample), 1e-12);
    }

    public function test_large_lots_keep_their_digits(): void
    {
        // One bad piece in a lot is found by the share that is drawn.
        foreach ([31, 32, 33, 1000, 500000] as $lot) {
            $sample = intdiv($lot, 4);
            self::assertEqualsWithDelta(
                1 - $sample / $lot,
                Hypergeometric::atMost(0, $lot, 1, $sample),
                1e-9,
                (string) $lot,
            );
        }
    }
}
