<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Review\SupplyMatters;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The supply against what it feeds; limits of packages are common practice, no source, the watts are recomputed. */
final class SupplyMattersTest extends TestCase
{
    /** @return iterable<string, array{list<string>, array<string, mixed>, array<string, float>}> rows, kit, watts or volts by code */
    public static function kits(): iterable
    {
        $supply = static fn(mixed $volts, ?float $amps = null, string $current = 'dc'): array => [
            'supply' => ['volts' => $volts, 'current' => $current] + ($amps === null ? [] : ['amps' => $amps]),
        ];
        yield 'a battery that the kit runs from' => [['BT1,9 V,PP3,battery'], $supply([8, 9.6]), []];
        yield 'a fresh one gives a tenth more' => [['BT1,9.9 V,PP3,battery'], $supply(9), []];
        yield 'more than that is another battery' => [
            ['BT1,9.91 V,PP3,battery'],
            $supply(9),
            ['parts.battery-volts' => 9.91],
        ];
        yield 'too few cells' => [['BH1,3xAA,,battery holder'], $supply([8, 9.6]), ['parts.battery-volts' => 4.5]];
        yield 'nothing said of its volts' => [['BT1,block,,battery'], $supply(9), []];
        // 12 V less 5 V at 0.17 A are 1.19 W, at 0.172 A 1.204 W.
        yield 'a regulator that gets warm' => [['U1,7805,TO-220,regulator'], $supply(12, 0.17), []];
        yield 'one that wants a heat sink' => [
            ['U1,7805,TO-220,regulator'],
            $supply(12, 0.172),
            ['parts.regulator-sink' => 1.2],
        ];
        yield 'one that has a heat sink' => [
            ['U1,7805,TO-220,regulator', 'HS1,for U1,,heat sink'],
            $supply(12, 0.5),
            [],
        ];
        yield 'one that is too hot for it' => [
            ['U1,7805,TO-220,regulator', 'HS1,20 mm,,heat sink'],
            $supply(12, 1.0) + ['groups' => ['subassembly' => [['U1', 'HS1']]]],
            ['parts.regulator-hot' => 7.0],
        ];
        yield 'a small package' => [['U1,78L05,TO-92,regulator'], $supply(12, 0.1), ['parts.regulator-hot' => 0.7]];
        yield 'a load that nobody said' => [['U1,7805,TO-220,regulator'], $supply(12), []];
        yield 'alternating current' => [['U1,7805,TO-220,regulator'], $supply(12, 1.0, 'ac'), []];
    }

    /**
     * @param list<string> $rows
     * @param array<string, mixed> $json
     * @param array<string, float> $told
     */
    #[DataProvider('kits')]
    public function test_supply_and_kit_fit_each_other(array $rows, array $json, array $told): void
    {
        $kit = KitMaker::kit($rows, [], $json);
        $found = [];
        $figures = ['battery-volts' => 'volts', 'regulator-hot' => 'watts', 'regulator-sink' => 'watts'];
        foreach ($figures as $code => $arg) {
            foreach (Told::by(new SupplyMatters(), $kit, "parts.{$code}") as $args) {
                $found["parts.{$code}"] = $args[$arg];
            }
        }

        self::assertSame($told, $found);
    }
}
