<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Reason\Matter;
use Chiralex\Review\NetMatters;
use Chiralex\Review\Subject;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where the nets of the board disagree with list, package or word; the circuits are invented. */
final class NetMattersTest extends TestCase
{
    /** @return iterable<string, array{array<string, list<string>>, array<string, mixed>, list<array{string, list<string>}>}> */
    public static function contradictions(): iterable
    {
        $whole = ['+12V' => ['C1.1', 'D1.1', 'K1.1'], 'GND' => ['C1.2', 'U1.1'], 'COIL' => ['D1.2', 'K1.2']];
        yield 'all agree' => [$whole, [], []];
        yield 'a part that no list has' => [$whole + ['N' => ['R9.1']], [], [['board.net-stranger', ['R9']]]];
        yield 'a test point' => [$whole + ['N' => ['TP9.1']], [], []];
        yield 'the last pin of the package' => [$whole + ['N' => ['U1.8']], [], []];
        yield 'a pin beyond it' => [$whole + ['N' => ['U1.9']], [], [['board.net-pin', ['U1']]]];
        yield 'plus on ground' => [
            ['+12V' => ['C1.2', 'D1.1', 'K1.1'], 'GND' => ['C1.1', 'U1.1'], 'COIL' => ['D1.2', 'K1.2']],
            [],
            [['board.net-reversed', ['C1']]],
        ];
        yield 'a clamp typed and not there' => [
            ['+12V' => ['C1.1', 'K1.1'], 'GND' => ['C1.2', 'D1.1', 'U1.1'], 'COIL' => ['K1.2'], 'X' => ['D1.2']],
            ['nets' => ['D1' => ['clamps' => 'K1']]],
            [['board.net-no-clamp', ['D1', 'K1']]],
        ];
        yield 'a part that no net names' => [
            ['+12V' => ['C1.1', 'D1.1', 'K1.1'], 'GND' => ['C1.2'], 'COIL' => ['D1.2', 'K1.2']],
            [],
            [['board.net-missing', ['U1']]],
        ];
    }

    /**
     * @param array<string, list<string>> $nets
     * @param array<string, mixed> $said
     * @param list<array{string, list<string>}> $expected
     */
    #[DataProvider('contradictions')]
    public function test_where_nets_and_list_disagree_a_matter_says_so(array $nets, array $said, array $expected): void
    {
        $kit = self::kit(
            [
                'C1,100u,electrolytic 6.3x11,electrolytic capacitor',
                'D1,1N4007,DO-41,diode',
                'K1,12 V,,relay',
                'U1,NE555,DIP-8,timer',
            ],
            $nets,
            $said,
            ['C1,10,10,0,top', 'D1,30,10,0,top', 'K1,20,40,0,top', 'U1,60,30,0,top'],
        );

        self::assertSame(
            $expected,
            array_map(
                static fn(Matter $each): array => [$each->code, $each->designators],
                (new NetMatters())->matters(new Subject($kit, KitMaker::order($kit))),
            ),
        );
    }

    public function test_a_polarised_part_whose_pins_lie_the_other_way_round_is_told_unless_most_do(): void
    {
        $spots = static fn(string $d1): string => "P  UNITS CUST 1\n" .
            self::records(
                "{$d1}|R1 1 A00X+005000Y+010000|R1 2 A00X+015160Y+010000|R2 1 A00X+005000Y+030000|R2 2 A00X+015160Y+030000",
            );
        $codes = static function (string $nets, string $first = 'R1,10.08,10,0,top'): array {
            $kit = (new KitReader())->read(
                KitMaker::files(
                    ['R1,1k,Axial 1/4W,resistor', 'R2,1k,Axial 1/4W,resistor', 'D1,1N4007,DO-41,diode'],
                    [$first, 'R2,10.08,30,0,top', 'D1,30,10,0,top'],
                ) + ['nets.ipc' => $nets],
            );

            return array_map(
                static fn(Matter $each): array => [$each->code, $each->designators],
                (new NetMatters())->matters(new Subject($kit, KitMaker::order($kit))),
            );
        };

        self::assertSame([], $codes($spots('D1 1 A00X+024920Y+010000|D1 2 A00X+035080Y+010000')));
        self::assertSame(
            [['board.net-turned', ['D1']]],
            $codes($spots('D1 2 A00X+024920Y+010000|D1 1 A00X+035080Y+010000')),
        );
        self::assertSame(
            [],
            $codes($spots('D1 2 A00X+024920Y+010000|D1 1 A00X+035080Y+010000'), 'R1,10.08,10,180,top'),
            'as many turned as not',
        );
    }

    /** @return iterable<string, array{bool, float, bool}> whether a resistor lies as the net list has it, how far its pins lie off, whether the diode is told */
    public static function neighbours(): iterable
    {
        yield 'one the same, one turned: nobody knows' => [false, 0.0, false];
        yield 'two the same, one turned' => [true, 0.0, true];
        yield 'pins within the spot' => [true, 0.5, true];
        yield 'pins beside it' => [true, 0.63, false];
    }

    #[DataProvider('neighbours')]
    public function test_a_turned_part_is_told_where_more_lie_as_they_should(bool $second, float $off, bool $told): void
    {
        $at = static fn(float $x): string => sprintf('A00X+%06dY+010000', (int) round(1000 * $x));
        $records = ["R1 1 {$at(5.0)}", "R1 2 {$at(15.16)}", "D1 2 {$at(24.92 + $off)}", "D1 1 {$at(35.08 + $off)}"];
        $second && array_push($records, 'R2 1 A00X+005000Y+030000', 'R2 2 A00X+015160Y+030000');
        $kit = (new KitReader())->read(
            KitMaker::files(
                ['R1,1k,Axial 1/4W,resistor', 'R2,1k,Axial 1/4W,resistor', 'D1,1N4007,DO-41,diode'],
                ['R1,10.08,10,0,top', 'R2,10.08,30,0,top', 'D1,30,10,0,top'],
            ) + ['nets.ipc' => "P  UNITS CUST 1\n" . self::records(implode('|', $records))],
        );

        self::assertCount($told ? 1 : 0, Told::by(new NetMatters(), $kit, 'board.net-turned'));
    }

    /** @return iterable<string, array{array<string, list<string>>, list<string>, list<string>}> nets, rows more, who is told as in no net */
    public static function unnamed(): iterable
    {
        $nets = ['+12V' => ['C1.1'], 'GND' => ['C1.2']];
        yield 'a resistor' => [$nets, ['R7,1k,Axial 1/4W,resistor'], ['R7']];
        yield 'a heat sink' => [$nets, ['HS1,20 mm,,heat sink'], []];
        yield 'a link' => [$nets, ['JP1,link,,wire link'], []];
        yield 'the socket of an IC that is named' => [
            $nets + ['N' => ['U1.1']],
            ['XU1,8,DIP-8,IC socket', 'U1,NE555,DIP-8,timer'],
            [],
        ];
        yield 'the socket of an IC that is not' => [$nets, ['XU1,8,DIP-8,IC socket', 'U1,NE555,DIP-8,timer'], ['XU1']];
    }

    /**
     * @param array<string, list<string>> $nets
     * @param list<string> $rows
     * @param list<string> $told
     */
    #[DataProvider('unnamed')]
    public function test_what_is_soldered_and_in_no_net_is_told(array $nets, array $rows, array $told): void
    {
        $places = ['C1,10,10,0,top'];
        foreach ($rows as $at => $row) {
            $name = explode(',', $row)[0];
            $places[] = $name . ',' . (str_starts_with($name, 'U') ? 30 : 30 + 20 * $at) . ',40,0,top';
        }
        $kit = self::kit(['C1,100u,electrolytic 6.3x11,electrolytic capacitor', ...$rows], $nets, [], $places);

        self::assertSame(
            $told === [] ? [] : [$told],
            array_column(Told::by(new NetMatters(), $kit, 'board.net-missing'), 'designators'),
        );
    }

    public function test_another_board_without_any_net_is_left_alone(): void
    {
        $kit = (new KitReader())->read(
            KitMaker::files(
                ['C1,100u,electrolytic 6.3x11,electrolytic capacitor', 'R7,1k,Axial 1/4W,resistor'],
                [],
                [
                    'boards' => [
                        ['name' => 'main', 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
                        ['name' => 'lamps', 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
                    ],
                ],
            ) + [
                'placements.csv' => "Ref,X,Y,Rotation,Side,Board\nC1,10,10,0,top,main\nR7,10,30,0,top,lamps\n",
                'nets.ipc' => self::nets(['+12V' => ['C1.1'], 'GND' => ['C1.2']]),
            ],
        );

        self::assertSame([], Told::by(new NetMatters(), $kit, 'board.net-missing'));
    }

    public function test_a_pin_beyond_the_package_is_told_with_the_package(): void
    {
        $kit = self::kit(
            ['U1,NE555,DIP-8,timer', 'R1,1k,Axial 1/4W,resistor'],
            ['A' => ['U1.9', 'U1.12', 'R1.1'], 'B' => ['R1.2', 'U1.8']],
            [],
            ['U1,60,30,0,top', 'R1,20,30,0,top'],
        );

        self::assertEquals(
            [['designator' => 'U1', 'pins' => ['12', '9'], 'count' => 8, 'outline' => 'DIP-8']],
            array_map(static function (array $args): array {
                $pins = (array) $args['pins'];
                sort($pins, SORT_STRING);

                return ['pins' => $pins] + $args;
            }, Told::by(new NetMatters(), $kit, 'board.net-pin')),
        );
    }

    public function test_pins_with_letters_count_for_nothing(): void
    {
        $kit = self::kit(['Q1,BC337,TO-92,transistor'], ['A' => ['Q1.E', 'Q1.C', 'Q1.B']], [], ['Q1,60,30,0,top']);

        self::assertSame([], Told::by(new NetMatters(), $kit, 'board.net-pin'));
    }

    /** @return iterable<string, array{string, string, bool}> nets of plus and minus, whether it is told */
    public static function polarities(): iterable
    {
        yield 'plus lower than minus' => ['GND', '+12V', true];
        yield 'plus higher' => ['+12V', 'GND', false];
        yield 'plus below ground' => ['-5V', 'GND', true];
        yield 'minus below ground' => ['GND', '-5V', false];
        yield 'as high' => ['+12V', '+12V', false];
        yield 'a signal' => ['OUT', '+12V', false];
        yield 'against a signal' => ['GND', 'OUT', false];
    }

    #[DataProvider('polarities')]
    public function test_a_capacitor_whose_plus_lies_lower_is_told(string $plus, string $minus, bool $told): void
    {
        $pins = [$plus => ['C1.1'], $minus => ['C1.2']];
        $nets = $plus === $minus ? [$plus => ['C1.1', 'C1.2']] : $pins;
        foreach (
            ['electrolytic 6.3x11,electrolytic capacitor' => $told, 'disc 5mm,ceramic' => false] as $row => $expected
        ) {
            $kit = self::kit(["C1,100n,{$row}"], $nets, [], ['C1,10,10,0,top']);
            self::assertCount($expected ? 1 : 0, Told::by(new NetMatters(), $kit, 'board.net-reversed'), $row);
        }
    }

    /**
     * @param list<string> $bom
     * @param array<string, list<string>> $nets net to pins
     * @param array<string, mixed> $said
     * @param list<string> $places
     */
    private static function kit(array $bom, array $nets, array $said = [], array $places = []): Kit
    {
        return (new KitReader())->read(KitMaker::files($bom, $places, $said) + ['nets.ipc' => self::nets($nets)]);
    }

    /** @param array<string, list<string>> $nets net to pins */
    private static function nets(array $nets): string
    {
        $records = "P  JOB X\n";
        foreach ($nets as $net => $pins) {
            foreach ($pins as $pin) {
                $records .= sprintf("317%-14s   %-6s-%-4sD0800\n", $net, ...explode('.', $pin));
            }
        }

        return $records;
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
