<?php

declare(strict_types=1);

namespace Chiralex\Tests\Safety;

use Chiralex\Reason\Origin;
use Chiralex\Safety\Data\Limits;
use Chiralex\Safety\StoredCharge;
use Chiralex\Safety\StoredCharges;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Energies and discharge times, recomputed. */
final class StoredChargeTest extends TestCase
{
    public function test_1000_microfarad_at_325_volts_hold_52_8_joules(): void
    {
        $charge = new StoredCharge('C1', 1000e-6, 325.0, Origin::KitFile);

        self::assertEqualsWithDelta(52.8, $charge->joules(), 0.02);
        self::assertEqualsWithDelta(0.325, $charge->coulombs(), 1e-9);
        self::assertTrue($charge->isHazard());
    }

    /** @return iterable<string, array{float, float, bool}> farad, volt, hurts */
    public static function charges(): iterable
    {
        yield 'a filter capacitor at 9 V' => [100e-6, 9.0, false];
        yield 'just over the voltage that may be touched, little charge' => [0.5e-6, 61.0, false];
        yield '45 microcoulombs at 100 V' => [0.45e-6, 100.0, true];
        yield 'a microcoulomb less' => [0.44e-6, 100.0, false];
        yield '20 J at 5 V burns' => [1.6, 5.0, true];
        yield 'a farad at 5 V does not' => [1.0, 5.0, false];
    }

    #[DataProvider('charges')]
    public function test_a_capacitor_hurts_by_charge_or_burns_by_energy(float $farads, float $volts, bool $hurts): void
    {
        self::assertSame($hurts, (new StoredCharge('C1', $farads, $volts, Origin::KitFile))->isHazard());
    }

    public function test_the_discharge_time_follows_the_exponential_stepped_through(): void
    {
        $charge = new StoredCharge('C1', 100e-6, 325.0, Origin::KitFile, 'R1', 100e3);
        // Small steps of dV = -V dt / RC until 60 V.
        $volts = 325.0;
        $time = 0.0;
        while ($volts > Limits::TOUCH_DC) {
            $volts -= ($volts * 1e-4) / 10.0;
            $time += 1e-4;
        }

        self::assertEqualsWithDelta($time, (float) $charge->seconds(), 0.001 * $time);
        self::assertNull((new StoredCharge('C1', 100e-6, 325.0, Origin::KitFile))->seconds());
        $needed = new StoredCharge('C1', 100e-6, 325.0, Origin::KitFile, 'R1', $charge->neededOhms());
        self::assertEqualsWithDelta(Limits::DISCHARGE_SECONDS, (float) $needed->seconds(), 1e-9);
    }

    public function test_what_burns_just_at_the_limit_needs_nothing_and_what_is_above_it_is_emptied_to_where_it_no_longer_burns(): void
    {
        self::assertNull((new StoredCharge('C1', 1.6, 5.0, Origin::KitFile))->neededOhms());
        $bank = new StoredCharge('C1', 10.0, 5.0, Origin::KitFile);
        self::assertTrue($bank->isHazard());
        // 125 J; at 2 V 20 J are left: 10 F from 5 V to 2 V in 5 s.
        self::assertEqualsWithDelta(2.0, $bank->safeVolts(), 1e-9);
        self::assertEqualsWithDelta(5.0 / (10.0 * log(2.5)), (float) $bank->neededOhms(), 1e-9);
    }

    public function test_a_kit_names_voltages_by_where_they_come_from(): void
    {
        $bom = ['C1,100u 400V,radial 18x30,electrolytic', 'C2,10u 25V,6.3x11,electrolytic', 'R1,100k,Axial 1W,'];
        $json = ['supply' => ['volts' => [12]], 'nets' => ['C1' => ['across' => '325 V', 'bleeder' => 'R1']]];
        $charges = StoredCharges::of(KitMaker::kit($bom, [], $json));

        self::assertSame(
            ['C1', 'C2'],
            array_map(static fn(StoredCharge $charge): string => $charge->designator, $charges),
            'the fullest first',
        );
        self::assertSame([325.0, 25.0], array_map(static fn(StoredCharge $charge): float => $charge->volts, $charges));
        self::assertSame(
            [Origin::KitFile, Origin::PartsList],
            array_map(static fn(StoredCharge $charge): Origin => $charge->origin, $charges),
        );
        self::assertSame('R1', $charges[0]->bleeder);
        self::assertSame(
            [Origin::PartsList, Origin::PartsList],
            array_map(
                static fn(StoredCharge $charge): Origin => $charge->origin,
                StoredCharges::of(KitMaker::kit($bom)),
            ),
            'what it stands, where nothing is declared',
        );
    }

    public function test_behind_a_rectifier_an_alternating_supply_gives_its_peak(): void
    {
        $charges = StoredCharges::of(
            KitMaker::kit(
                ['C1,1000u,radial 10x20,electrolytic'],
                [],
                ['supply' => ['volts' => [12], 'current' => 'ac']],
            ),
        );

        self::assertEqualsWithDelta(16.97, $charges[0]->volts, 0.01);
    }
}
