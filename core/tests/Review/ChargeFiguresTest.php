<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Review\SafetyMatters;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Volts of a charge are told to a tenth, as a hand meter shows them. */
final class ChargeFiguresTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, string, float}> part, kit, matter, volts */
    public static function charges(): iterable
    {
        yield 'of the rating' => ['C1,470u 63.27V,22x40,electrolytic', [], 'parts.charge-unsaid', 63.3];
        yield 'of what it sees' => [
            'C1,470u 400V,22x40,electrolytic',
            ['supply' => ['volts' => 325.27, 'amps' => 1], 'nets' => ['C1' => ['across' => '325.27 V']]],
            'parts.no-bleeder',
            325.3,
        ];
    }

    /** @param array<string, mixed> $json */
    #[DataProvider('charges')]
    public function test_volts_of_a_charge_are_told_to_a_tenth(
        string $part,
        array $json,
        string $code,
        float $volts,
    ): void {
        $told = Told::by(new SafetyMatters(), KitMaker::kit([$part], [], $json), $code);

        self::assertSame([$volts], array_column($told, 'volts'));
    }
}
