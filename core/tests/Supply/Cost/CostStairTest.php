<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply\Cost;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Chiralex\Supply\Cost\Batch;
use Chiralex\Supply\Cost\CostRates;
use Chiralex\Supply\Cost\CostStair;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** By hand: fifty kits; 300.00 of parts, 10.00 of spares, 0.90 of bags, 80.00 and 120 minutes of set-up, 4 minutes each, 18.00 an hour. */
final class CostStairTest extends TestCase
{
    public function test_each_step_is_what_the_batch_says_and_they_make_the_cost(): void
    {
        $stair = self::stair(shipped: 200, reported: 10);
        self::assertSame(
            // 80/50 + 36/50 = 2.32; 4 min = 1.20; a report is 20 min = 6.00 + 1.50, one kit in twenty.
            ['6.000', '0.200', '0.900', '2.320', '1.200', '3.200', '0.300', '0.375'],
            array_map(
                static fn($step): string => (string) $step->amount->toScale(3, RoundingMode::HALF_UP),
                $stair->steps,
            ),
        );
        self::assertSame('14.495', (string) $stair->cost()->toScale(3, RoundingMode::UNNECESSARY));
    }

    public function test_support_has_the_interval_of_the_reports(): void
    {
        $stair = self::stair(shipped: 200, reported: 10);
        // Wilson of 10 in 200: 0.0274 to 0.0896, recomputed from the published formula; times 7.50.
        self::assertSame('0.205', (string) $stair->steps[7]->low->toScale(3, RoundingMode::HALF_UP));
        self::assertSame('0.672', (string) $stair->steps[7]->high->toScale(3, RoundingMode::HALF_UP));
        self::assertTrue(
            $stair->lowest()->isLessThan($stair->cost()) && $stair->highest()->isGreaterThan($stair->cost()),
        );
        self::assertTrue(
            self::stair(0, 0)
                ->lowest()
                ->isEqualTo(self::stair(0, 0)->highest()),
            'no kit yet, no guess',
        );
    }

    /** @return iterable<string, array{string, ?string}> margin, price */
    public static function margins(): iterable
    {
        // 14.495 / (1 - 0.03 - margin)
        yield 'none' => ['0', '14.95'];
        yield 'two fifths' => ['0.4', '25.43'];
        yield 'what is just possible' => ['0.96', '1449.50'];
        yield 'fees and margin take all' => ['0.97', null];
    }

    #[DataProvider('margins')]
    public function test_the_price_leaves_the_margin_and_no_cent_more_than_it_must(string $margin, ?string $price): void
    {
        $stair = self::stair(200, 10);
        $found = $stair->priceFor(BigDecimal::of($margin));
        self::assertSame($price, $found === null ? null : (string) $found);
        if ($found !== null) {
            self::assertTrue($stair->marginAt($found)->isGreaterThanOrEqualTo($margin));
            self::assertTrue($stair->marginAt($found->minus('0.01'))->isLessThan($margin));
        }
    }

    public function test_the_margin_of_a_price_below_the_cost_is_below_nought(): void
    {
        self::assertTrue(self::stair(200, 10)->marginAt(BigDecimal::of('10.00'))->isNegative());
    }

    public function test_a_pack_pays_shipping_and_fixed_fees_once(): void
    {
        // 10 x 25.00 less a tenth: 225.00; (14.495 - 3.50) x 10 + 3.50 + 3 % of 225.00 = 120.20; 104.80 of 225.00 are left.
        $pack = self::stair(200, 10)->pack(10, BigDecimal::of('25.00'), BigDecimal::of('0.1'));
        self::assertSame('225.00', (string) $pack['price']);
        self::assertSame('0.46578', (string) $pack['margin']->toScale(5, RoundingMode::HALF_UP));
    }

    private static function stair(int $shipped, int $reported): CostStair
    {
        $of = BigDecimal::of(...);

        return CostStair::of(
            new Batch(50, $of('300.00'), $of('10.00'), $of('0.90'), $of('80.00'), $of('120'), $of('4')),
            CostRates::of('18.00', '0.03', '0.30', '3.20', '20', '1.50'),
            $shipped,
            $reported,
        );
    }
}
