<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Kit\ConnectorPin;
use Chiralex\Kit\ConnectorTable;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\NetVolts;
use Chiralex\Kit\PowerSupply;
use Chiralex\Kit\WiperLoad;
use Chiralex\Reason\Matter;
use Chiralex\Review\LoadMatters;
use Chiralex\Review\Subject;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the nets say of a circuit; the circuits are invented, the names of nets are common practice. */
final class NetCircuitTest extends TestCase
{
    /** @return iterable<string, array{string, ?float}> */
    public static function names(): iterable
    {
        yield '+12V' => ['+12V', 12.0];
        yield '5V' => ['5V', 5.0];
        yield '3V3' => ['3V3', 3.3];
        yield '-5V' => ['-5V', -5.0];
        yield '+9' => ['+9', 9.0];
        yield 'GND' => ['GND', 0.0];
        yield 'the net the supply comes in on' => ['VIN', 9.6];
        yield 'a signal' => ['OUT', null];
        yield 'a number alone' => ['9', null];
    }

    #[DataProvider('names')]
    public function test_the_name_of_a_net_tells_its_voltage(string $net, ?float $volts): void
    {
        self::assertSame($volts, NetVolts::of($net, new PowerSupply(8.0, 9.6, 0.1)));
    }

    public function test_a_supply_that_alternates_tells_no_voltage_of_a_net(): void
    {
        self::assertNull(NetVolts::of('VIN', new PowerSupply(12.0, 12.0, 0.1, true)));
        self::assertNull(NetVolts::of('VIN'));
    }

    public function test_volts_across_parts_bleeders_and_the_chip_behind_a_driver_follow_from_the_nets(): void
    {
        $kit = self::kit(
            [
                'R1,1k,Axial 1/4W,resistor',
                'C1,100u,electrolytic 6.3x11,electrolytic capacitor',
                'R2,10k,Axial 1/4W,resistor',
                'K1,12 V,,relay',
                'D1,1N4007,DO-41,diode',
                'Q1,BC337,TO-92,transistor',
                'R3,4k7,Axial 1/4W,resistor',
                'U1,NE555,DIP-8,timer',
            ],
            [
                '+12V' => ['R1.1', 'C1.1', 'R2.1', 'K1.1', 'D1.1', 'U1.8'],
                'GND' => ['R1.2', 'C1.2', 'R2.2', 'Q1.1', 'U1.1'],
                'COIL' => ['K1.2', 'D1.2', 'Q1.3'],
                'BASE' => ['Q1.2', 'R3.1'],
                'OUT' => ['R3.2', 'U1.3'],
            ],
        );
        $circuit = $kit->nature->circuit;

        self::assertSame('12 V', $circuit->across['R1']);
        self::assertSame(['C1' => 'R1'], $circuit->bleeders);
        self::assertSame(['D1' => 'K1'], $circuit->clamps);
        self::assertSame(['K1' => 'Q1', 'Q1' => 'U1'], $circuit->drivers);
        self::assertSame(['D1', 'Q1', 'U1'], $circuit->goesWith('D1'));
        self::assertTrue($circuit->isFromNets('clamps', 'D1'));
    }

    public function test_what_the_maker_typed_wins(): void
    {
        $nets = ['+12V' => ['R1.1'], 'GND' => ['R1.2']];
        $kit = self::kit(['R1,1k,Axial 1/4W,resistor'], $nets, ['nets' => ['R1' => ['across' => '9 V - 2 V']]]);

        self::assertSame('9 V - 2 V', $kit->nature->circuit->across['R1']);
        self::assertFalse($kit->nature->circuit->isFromNets('across', 'R1'));
    }

    /** @return iterable<string, array{array<string, list<string>>, float, string, list<string>}> */
    public static function adjusters(): iterable
    {
        $rails = ['+12V' => ['R2.2'], 'TOP' => ['R2.1', 'RV1.1'], 'GND' => ['RV1.3']];
        yield 'its wiper at an input alone' => [$rails + ['W' => ['RV1.2', 'U1.5']], INF, '', []];
        yield 'its wiper behind a resistor that is enough' => [$rails + ['W' => ['RV1.2', 'R3.1']], 4700.0, 'R3', []];
        yield 'its wiper behind one that is not' => [
            $rails + ['W' => ['RV1.2', 'R4.1']],
            100.0,
            'R4',
            ['parts.end-stop-small'],
        ];
        yield 'its wiper at a lamp' => [$rails + ['W' => ['RV1.2', 'LED1.2']], 0.0, '', ['parts.end-stop']];
        yield 'its wiper tied to its end, a resistor before it' => [
            ['+12V' => ['R2.2'], 'TOP' => ['R2.1', 'RV1.1', 'RV1.2'], 'GND' => ['RV1.3']],
            1000.0,
            'R2',
            ['parts.end-stop-small'],
        ];
    }

    /**
     * @param array<string, list<string>> $nets
     * @param list<string> $codes
     */
    #[DataProvider('adjusters')]
    public function test_what_holds_the_current_of_an_adjuster_at_its_end_stop(
        array $nets,
        float $ohms,
        string $resistor,
        array $codes,
    ): void {
        $kit = self::kit(
            [
                'RV1,10k,Trimmer 3296,trimmer',
                'R2,1k,Axial 1/4W,resistor',
                'R3,4k7,Axial 1/4W,resistor',
                'R4,100,Axial 1/4W,resistor',
                'U1,NE555,DIP-8,timer',
                'LED1,red,LED 5mm,LED',
            ],
            $nets,
        );
        $load = WiperLoad::of($kit, 'RV1');
        $matters = array_filter(
            (new LoadMatters())->matters(new Subject($kit, KitMaker::order($kit))),
            static fn(Matter $each): bool => $each->designators === ['RV1'],
        );

        self::assertSame([$ohms, $resistor], [$load?->ohms, $load?->resistor]);
        self::assertSame($codes, array_values(array_map(static fn(Matter $each): string => $each->code, $matters)));
    }

    public function test_a_connector_is_told_pin_by_pin_and_its_harmful_neighbours_by_pairs(): void
    {
        $kit = self::kit(
            ['J1,1x4,,pin header', 'U1,NE555,DIP-8,timer', 'R1,1k,Axial 1/4W,resistor'],
            [
                '+5V' => ['J1.1', 'U1.8'],
                'SIG' => ['J1.2', 'R1.1'],
                'GND' => ['J1.3', 'U1.1'],
                'X' => ['J1.4', 'R1.2'],
            ],
        );
        $table = ConnectorTable::all($kit)[0];

        self::assertSame(
            [
                ['1', '+5V', 5.0, ['U1']],
                ['2', 'SIG', null, ['R1']],
                ['3', 'GND', 0.0, ['U1']],
                ['4', 'X', null, ['R1']],
            ],
            array_map(
                static fn(ConnectorPin $pin): array => [$pin->name, $pin->net, $pin->volts, $pin->to],
                $table->pins,
            ),
        );
        self::assertSame(
            [['1', '2']],
            array_map(static fn(array $pair): array => [$pair[0]->name, $pair[1]->name], $table->exchanges($kit)),
        );
    }

    /**
     * @param list<string> $bom
     * @param array<string, list<string>> $nets net to pins
     * @param array<string, mixed> $said
     * @param list<string> $places
     */
    private static function kit(array $bom, array $nets, array $said = [], array $places = []): Kit
    {
        $records = "P  JOB X\n";
        foreach ($nets as $net => $pins) {
            foreach ($pins as $pin) {
                $records .= sprintf("317%-14s   %-6s-%-4sD0800\n", $net, ...explode('.', $pin));
            }
        }

        return (new KitReader())->read(KitMaker::files($bom, $places, $said) + ['nets.ipc' => $records]);
    }

    /** @return iterable<string, array{string, string, array{float, float, float, string}}> part, records of its pins, its place */
    public static function spots(): iterable
    {
        yield 'lying to the right' => [
            'R1',
            'R1 1 A00X+005000Y+010000|R1 2 A00X+015160Y+010000',
            [10.08, 10.0, 0.0, 'top'],
        ];
        yield 'standing up' => ['R1', 'R1 1 A00X+010000Y+005000|R1 2 A00X+010000Y+015160', [10.0, 10.08, 90.0, 'top']];
        yield 'turned' => ['R1', 'R1 2 A00X+005000Y+010000|R1 1 A00X+015160Y+010000', [10.08, 10.0, 180.0, 'top']];
        yield 'another pitch than its body has' => [
            'R1',
            'R1 1 A00X+005000Y+010000|R1 2 A00X+012620Y+010000',
            [8.81, 10.0, 0.0, 'top'],
        ];
        yield 'on the bottom' => [
            'R1',
            'R1 1 A02X+005000Y+010000|R1 2 A02X+015160Y+010000',
            [10.08, 10.0, 0.0, 'bottom'],
        ];
        yield 'one pin alone' => ['R1', 'R1 1 A00X+005000Y+010000', [5.0, 10.0, 0.0, 'top']];
        yield 'the socket of the IC that is named' => [
            'XU1',
            'U1 1 A00X+010000Y+013810|U1 4 A00X+010000Y+006190|U1 8 A00X+017620Y+013810',
            [13.81, 10.0, 0.0, 'top'],
        ];
    }

    /** @param array{float, float, float, string} $place */
    #[DataProvider('spots')]
    public function test_without_a_file_of_places_parts_stand_where_the_net_list_has_their_pins(
        string $part,
        string $records,
        array $place,
    ): void {
        $placement = (new KitReader())
            ->read([
                'bom.csv' =>
                    "Ref,Value,Package,Description\nR1,1k,Axial 1/4W,resistor\nU1,NE555,DIP-8,timer\nXU1,8,DIP-8,IC socket\n",
                'nets.ipc' => "P  UNITS CUST 1\n" . self::records($records),
            ])
            ->part($part)?->place->placement;

        self::assertEqualsWithDelta(
            $place,
            [$placement?->at->x, $placement?->at->y, $placement?->rotation, $placement?->side->value],
            0.005,
        );
    }

    public function test_a_socket_of_any_name_stands_where_the_net_list_has_its_ic(): void
    {
        $pins = 'U1 1 A00X+010000Y+013810|U1 4 A00X+010000Y+006190|U1 8 A00X+017620Y+013810';
        $ics = 'U1,NE555,DIP-8,timer|U2,LM358,DIP-8,op-amp|';
        $place = static fn(string $bom, string $said = '{}'): ?float => (new KitReader())
            ->read([
                'bom.csv' => "Ref,Value,Package,Description\n" . strtr($bom, '|', "\n") . "\n",
                'nets.ipc' => "P  UNITS CUST 1\n" . self::records($pins),
                'kit.json' => $said,
            ])
            ->part('SK1')?->place->placement?->at->x;

        self::assertEqualsWithDelta(13.81, $place('U1,NE555,DIP-8,timer|SK1,8,DIP-8,IC socket'), 0.005, 'the only one');
        $two = "{$ics}SK1,8,DIP-8,IC socket|SK2,8,DIP-8,IC socket";
        self::assertNull($place($two), 'of two nobody says which');
        $said = '{"groups": {"sockets": [["SK1", "U1"]]}}';
        self::assertEqualsWithDelta(13.81, $place($two, $said), 0.005, 'as the maker says');
    }

    /** Records of a test file: part, pin and place, parted by bars. */
    private static function records(string $spots): string
    {
        return implode(
            '',
            array_map(static function (string $spot): string {
                [$part, $pin, $at] = explode(' ', $spot);

                return sprintf("317%-14s   %-6s-%-4sD0800P%sX1600Y0000R000 S0\n", "N{$part}{$pin}", $part, $pin, $at);
            }, explode('|', $spots)),
        );
    }
}
