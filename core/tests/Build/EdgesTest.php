<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\KitCallouts;
use Chiralex\Build\LookAlikes;
use Chiralex\Part\Consequence;
use Chiralex\Part\Mark;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What stands at the edges of the build order: directions as said and as usual, what has no place, what looks alike. Data is invented. */
final class EdgesTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, ?Mark, string, bool}> what is said of D1, mark, terminal, whether the print counts */
    public static function directions(): iterable
    {
        yield 'nothing said' => [[], Mark::Band, 'cathode', true];
        yield 'a mark said without its terminal' => [
            ['polarity' => ['mark' => 'dot', 'pin' => '1']],
            Mark::Dot,
            'cathode',
            true,
        ];
        yield 'a mark said with its terminal' => [
            ['polarity' => ['mark' => 'dot', 'terminal' => 'anode', 'pin' => '2']],
            Mark::Dot,
            'anode',
            true,
        ];
        yield 'a dot of ink that the maker puts there' => [
            ['polarity' => ['mark' => 'ink', 'terminal' => 'anode', 'pin' => '2']],
            Mark::Ink,
            'anode',
            true,
        ];
        yield 'the board prints nothing there' => [['legend' => 'nothing'], Mark::Band, 'cathode', false];
        yield 'the board prints its outline' => [['legend' => 'outline'], Mark::Band, 'cathode', true];
    }

    /** @param array<string, mixed> $said */
    #[DataProvider('directions')]
    public function test_what_is_said_of_a_direction_goes_before_what_is_usual(
        array $said,
        ?Mark $mark,
        string $terminal,
        bool $printed,
    ): void {
        $kit = KitMaker::kit(['D1,1N4148,DO-35,diode'], ['D1,10,10,0,top'], ['lines' => ['D1' => $said]]);
        $part = $kit->part('D1');
        self::assertNotNull($part);
        $polar = KitCallouts::polarPart($part, $kit);

        self::assertSame(
            [$mark, $mark, $terminal],
            [$polar->signs->fit, $polar->signs->check, $polar->signs->terminal],
        );
        self::assertSame($printed, $polar->print->mark !== null);
    }

    public function test_a_part_without_a_place_bears_no_print_where_others_have_theirs(): void
    {
        $rows = ['D1,1N4148,DO-35,diode', 'D2,1N4148,DO-35,diode'];
        $json = [
            'board' => ['outline' => [[0, 0], [80, 0], [80, 60], [0, 60]], 'squarePad' => ['diode' => 'cathode']],
        ];
        $kit = KitMaker::kit($rows, ['D1,10,10,0,top'], $json);
        $bare = KitMaker::kit($rows, [], $json);
        $print = static fn($kit, string $name) => KitCallouts::polarPart($kit->part($name) ?? self::fail(), $kit)
            ->print;

        self::assertSame([true, 'cathode'], [$print($kit, 'D1')->mark !== null, $print($kit, 'D1')->squarePad]);
        self::assertSame([false, null], [$print($kit, 'D2')->mark !== null, $print($kit, 'D2')->squarePad]);
        self::assertSame([true, null], [$print($bare, 'D2')->mark !== null, $print($bare, 'D2')->squarePad]);
    }

    public function test_what_goes_with_a_part_is_replaced_with_it_unless_the_maker_says_what(): void
    {
        $rows = ['D1,1N4148,DO-35,diode', 'K1,5V,relay,relay', 'Q1,BC337,TO-92,transistor'];
        $reversal = static function (array $json) use ($rows) {
            $kit = KitMaker::kit($rows, ['D1,10,10,0,top', 'K1,30,30,0,top', 'Q1,50,30,0,top'], $json);

            return KitCallouts::polarPart($kit->part('D1') ?? self::fail(), $kit)->reversal;
        };
        $said = $reversal([
            'lines' => ['D1' => ['reversed' => ['consequence' => 'itself-damaged', 'replace' => ['Q1']]]],
        ]);
        $plain = $reversal([]);

        self::assertSame([Consequence::ItselfDamaged, ['Q1']], [$said->consequence, $said->replace]);
        self::assertSame([], $plain->replace);
    }

    public function test_what_has_no_place_is_listed_only_where_others_have_one(): void
    {
        $rows = ['R1,1k,Axial 1/4W,resistor', 'R2,2k2,Axial 1/4W,resistor', 'R10,3k3,Axial 1/4W,resistor'];
        $some = KitMaker::order(KitMaker::kit($rows, ['R1,10,10,0,top']));
        $all = KitMaker::order(KitMaker::kit($rows, ['R1,10,10,0,top', 'R2,10,20,0,top', 'R10,10,30,0,top']));
        $none = KitMaker::order(KitMaker::kit($rows));

        self::assertSame([['R2', 'R10'], [], []], [$some->unplaced, $all->unplaced, $none->unplaced]);
    }

    public function test_a_kit_in_which_nothing_looks_alike_says_so(): void
    {
        $plain = LookAlikes::of(KitMaker::kit(['R1,1k,Axial 1/4W,resistor', 'U1,LM393,DIP-8,IC']));
        $alike = LookAlikes::of(KitMaker::kit(['D1,1N4148,DO-35,diode', 'D2,5V1,DO-35,Zener diode']));
        $named = LookAlikes::of(
            KitMaker::kit(
                ['R1,1k,Axial 1/4W,resistor', 'U1,LM393,DIP-8,IC'],
                [],
                ['lines' => ['R1' => ['lookAlike' => 'U1']]],
            ),
        );

        self::assertSame([false, true, true], [$plain->any(), $alike->any(), $named->any()]);
        self::assertSame([['U1'], ['R1'], ['D2']], [$named->to('R1'), $named->to('U1'), $alike->to('D1')]);
    }

    public function test_a_look_alike_said_of_one_part_holds_for_its_line(): void
    {
        $kit = KitMaker::kit(
            ['C1 C2,100n,disc 5mm,ceramic', 'RT1 RT2,10k,disc 5mm,thermistor', 'R1,1k,Axial 1/4W,resistor'],
            [],
            ['lines' => ['C1' => ['lookAlike' => 'RT1']]],
        );
        $alike = LookAlikes::of($kit);

        self::assertSame([['RT1', 'RT2'], ['RT1', 'RT2']], [$alike->to('C1'), $alike->to('C2')]);
        self::assertSame([['C1', 'C2'], []], [$alike->to('RT2'), $alike->to('R1')]);
    }

    /** @return iterable<string, array{string, string, float, float, float}> level, side, rotation, what was said, degrees of the mark */
    public static function marksSaid(): iterable
    {
        yield 'from level A' => ['A', 'top', 0.0, 90.0, 90.0];
        yield 'from level B: what was said is not turned with the package' => ['B', 'top', 0.0, 90.0, 90.0];
        yield 'from level B, turned' => ['B', 'top', 90.0, 0.0, 90.0];
        yield 'from level B on the bottom' => ['B', 'bottom', 0.0, 180.0, 180.0];
    }

    #[DataProvider('marksSaid')]
    public function test_a_direction_that_was_said_counts_from_the_file(
        string $level,
        string $side,
        float $rotation,
        float $said,
        float $expected,
    ): void {
        $kit = KitMaker::kit(
            ['D1,1N4148,DO-35,diode'],
            ["D1,10,10,{$rotation},{$side}"],
            [
                'board' => ['outline' => [[0, 0], [80, 0], [80, 60], [0, 60]], 'zeroOrientation' => $level],
                'lines' => ['D1' => ['polarity' => ['mark' => 'band', 'terminal' => 'cathode', 'at' => $said]]],
            ],
        );
        $direction = KitCallouts::polarPart($kit->part('D1') ?? self::fail(), $kit)->direction();

        self::assertNotNull($direction);
        self::assertEqualsWithDelta(
            [cos(deg2rad($expected)), sin(deg2rad($expected))],
            [$direction->x, $direction->y],
            1e-9,
        );
    }
}
