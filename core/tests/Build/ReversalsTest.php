<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Reversals;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Part\Consequence;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\TestCase;

/** What turning a part does, by the circuit it stands in. */
final class ReversalsTest extends TestCase
{
    private const NETS =
        "327COIL              K1    -1       D0400PA00X+0100Y+0100X0400Y0000R000S0\n" .
        "327COIL              Q1    -1       D0400PA00X+0200Y+0100X0400Y0000R000S0\n" .
        "327VCC               K1    -2       D0400PA00X+0100Y+0200X0400Y0000R000S0\n" .
        "327VCC               D1    -1       D0400PA00X+0300Y+0200X0400Y0000R000S0\n" .
        "327OUT               D1    -2       D0400PA00X+0300Y+0300X0400Y0000R000S0\n999\n";

    public function test_while_nobody_says_which_diode_clamps_a_coil_any_may_take_the_driver_along(): void
    {
        self::assertSame(Consequence::WorksAfterTurning, self::of(self::kit(['R1,1k,Axial 1/4W,resistor']), 'D1'));
        self::assertSame(Consequence::DestroysOthers, self::of(self::kit(['K1,5 V,,relay']), 'D1'));
        self::assertSame(
            Consequence::WorksAfterTurning,
            self::of(
                self::kit(['K1,5 V,,relay', 'D2,1N4148,DO-35,diode'], ['nets' => ['D2' => ['clamps' => 'K1']]]),
                'D1',
            ),
        );
    }

    public function test_where_the_nets_of_the_coil_are_known_a_diode_elsewhere_is_none_across_it(): void
    {
        $kit = self::kit(['K1,5 V,,relay'], [], ['nets.ipc' => "P  UNITS CUST 0\n" . self::NETS]);

        self::assertNotSame([], $kit->findings->drawn->nets->ofPart('K1'));
        self::assertSame(Consequence::WorksAfterTurning, self::of($kit, 'D1'));
    }

    public function test_what_the_maker_says_is_replaced_goes_before_what_the_circuit_says(): void
    {
        $nets = ['nets' => ['D1' => ['clamps' => 'K1'], 'K1' => ['drivenBy' => 'Q1']]];
        $derived = Reversals::of($kit = self::kit(['K1,5 V,,relay'], $nets))->reversal($kit->parts['D1']);
        self::assertContains('Q1', $derived->replace);

        $said = self::kit(['K1,5 V,,relay'], $nets + ['lines' => ['D1' => ['reversed' => ['replace' => ['K1']]]]]);
        self::assertSame(['K1'], Reversals::of($said)->reversal($said->parts['D1'])->replace);
    }

    private static function of(Kit $kit, string $name): Consequence
    {
        return Reversals::of($kit)->reversal($kit->parts[$name])->consequence;
    }

    /**
     * @param list<string> $rows
     * @param array<string, mixed> $json
     * @param array<string, string> $files
     */
    private static function kit(array $rows, array $json = [], array $files = []): Kit
    {
        return (new KitReader())->read(
            KitMaker::files(['D1,1N4148,DO-35,diode', 'Q1,BC337,TO-92,transistor', ...$rows], [], $json) + $files,
        );
    }
}
