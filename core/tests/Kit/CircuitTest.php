<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Build\KitCallouts;
use Chiralex\Kit\Circuit;
use Chiralex\Kit\VoltageSum;
use Chiralex\Part\Consequence;
use Chiralex\Polarity\Callout;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\TestCase;

final class CircuitTest extends TestCase
{
    public function test_a_clamping_diode_goes_with_the_driver_of_its_coil_and_the_chip_behind_it(): void
    {
        // Common practice: driver transistor first, then its chip, then the replacement chip.
        $circuit = new Circuit(clamps: ['D2' => 'K1'], drivers: ['K1' => 'Q1', 'Q1' => 'U1']);

        self::assertSame(['D2', 'Q1', 'U1'], $circuit->goesWith('D2'));
        self::assertSame([], $circuit->goesWith('D1'));
        self::assertSame(
            [],
            (new Circuit(clamps: ['D2' => 'K1']))->goesWith('D2'),
            'nothing is said to drive the coil',
        );
        self::assertSame(
            ['D2', 'Q1', 'K1'],
            (new Circuit(clamps: ['D2' => 'K1'], drivers: ['K1' => 'Q1', 'Q1' => 'K1']))->goesWith('D2'),
            'a ring ends',
        );
    }

    public function test_its_callout_names_what_to_replace_together_unless_the_maker_says_otherwise(): void
    {
        $bom = ['D2,1N4148,DO-35,diode', 'K1,5 V,relay,relay', 'Q1,BC337,TO-92,transistor', 'U1,8 pin,DIP-8,ic'];
        $nets = ['nets' => ['D2' => ['clamps' => 'K1'], 'K1' => ['drivenBy' => 'Q1'], 'Q1' => ['drivenBy' => 'U1']]];
        $callout = static fn(array $json): Callout => array_values(
            array_filter(
                (new KitCallouts())->callouts(KitMaker::kit($bom, [], $json), null),
                static fn(Callout $each): bool => $each->designator === 'D2',
            ),
        )[0];

        self::assertSame(['D2', 'Q1', 'U1'], $callout($nets)->reversal->replace);
        self::assertSame(Consequence::DestroysOthers, $callout($nets)->reversal->consequence);
        self::assertSame([], $callout([])->reversal->replace);
        self::assertSame(
            ['D2', 'Q1'],
            $callout(
                $nets + [
                    'lines' => [
                        'D2' => ['reversed' => ['consequence' => 'destroys-others', 'replace' => ['D2', 'Q1']]],
                    ],
                ],
            )->reversal->replace,
        );
    }

    public function test_voltages_are_sums(): void
    {
        self::assertEqualsWithDelta(7.0, (float) VoltageSum::of('9 V - 2 V'), 1e-12);
        self::assertEqualsWithDelta(5.1, (float) (new Circuit(['R1' => '5,1V']))->volts('R1'), 1e-12);
        self::assertNull(VoltageSum::of('nine volts'));
        self::assertNull((new Circuit())->volts('R1'));
    }
}
