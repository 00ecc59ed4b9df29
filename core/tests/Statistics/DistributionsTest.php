<?php

declare(strict_types=1);

namespace Chiralex\Tests\Statistics;

use Chiralex\Statistics\Gamma;
use Chiralex\Statistics\Normal;
use Chiralex\Statistics\StudentT;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Values of handbook tables, from memory; the reference test compares with SciPy at random. */
final class DistributionsTest extends TestCase
{
    /** @return iterable<string, array{float, float, float}> share, degrees of freedom, quantile */
    public static function quantiles(): iterable
    {
        yield 'one degree of freedom' => [0.975, 1.0, 12.706205];
        yield 'four' => [0.995, 4.0, 4.604095];
        yield 'ten' => [0.975, 10.0, 2.228139];
        yield 'thirty' => [0.95, 30.0, 1.697261];
        yield 'without limit' => [0.975, INF, 1.959964];
        yield 'the lower tail' => [0.005, 4.0, -4.604095];
    }

    #[DataProvider('quantiles')]
    public function test_quantiles_are_those_of_the_tables(float $share, float $df, float $quantile): void
    {
        self::assertEqualsWithDelta($quantile, StudentT::quantile($share, $df), 1e-6);
        self::assertEqualsWithDelta($share, StudentT::below($quantile, $df), 1e-7);
    }

    public function test_many_degrees_of_freedom_go_over_into_the_normal_distribution_without_a_jump(): void
    {
        foreach ([-4.0, -1.3, 0.0, 0.4, 2.9, 3.1] as $x) {
            self::assertEqualsWithDelta(Normal::below($x), StudentT::below($x, 9.9e6), 1e-7);
            self::assertEqualsWithDelta(1.0, Normal::below($x) + Normal::below(-$x), 1e-15);
        }
        self::assertEqualsWithDelta(1.3498980316e-3, Normal::below(-3.0), 1e-12);
        self::assertEqualsWithDelta(9.8658764504e-10, Normal::below(-6.0), 1e-19);
    }

    public function test_gamma_is_the_factorial_and_beta_ends_at_nought_and_one(): void
    {
        self::assertEqualsWithDelta(log(3_628_800.0), Gamma::log(11.0), 1e-12);
        self::assertEqualsWithDelta(0.5 * log(M_PI), Gamma::log(0.5), 1e-13);
        self::assertSame([0.0, 1.0], [Gamma::beta(0.0, 2.0, 3.0), Gamma::beta(1.0, 2.0, 3.0)]);
        self::assertEqualsWithDelta(0.6875, Gamma::beta(0.5, 2.0, 3.0), 1e-14, '1 - 5/16');
    }
}
