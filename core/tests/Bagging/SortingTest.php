<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Bag;
use Chiralex\Bagging\BagPlanner;
use Chiralex\Kit\Kit;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** By what parts are sorted into bags, and in which order the bags stand; common practice, no source. */
final class SortingTest extends TestCase
{
    /** @return iterable<string, array{int, list<int>}> resistors alike, parts of each bag */
    public static function stages(): iterable
    {
        yield 'sixteen parts fill a bag' => [16, [16]];
        yield 'the step that would be too much opens the next' => [20, [16, 4]];
        yield 'and the next' => [36, [16, 16, 4]];
    }

    /** @param list<int> $expected */
    #[DataProvider('stages')]
    public function test_by_step_a_bag_takes_steps_until_it_holds_sixteen_parts(int $count, array $expected): void
    {
        $rows = array_map(static fn(int $i): string => "R{$i},10k,Axial 1/4W,", range(1, $count));
        $places = array_map(static fn(int $i): string => "R{$i}," . 20 * $i . ',20,0,top', range(1, $count));
        $kit = KitMaker::kit($rows, $places, ['settings' => ['bagging' => 'by-step', 'group' => 4]]);
        $bags = self::bags($kit);

        self::assertSame($expected, array_map(static fn(Bag $bag): int => count($bag->designators()), $bags));
        self::assertSame([1, 4], [$bags[0]->title->args['from'], $bags[0]->title->args['to']]);
        $last = $bags[count($bags) - 1]->title->args;
        self::assertSame(4 * (count($expected) - 1) + 1, $last['from']);
    }

    public function test_by_step_the_seventeenth_part_is_the_first_of_the_next_bag(): void
    {
        $kit = KitMaker::kit(
            array_map(static fn(int $i): string => "R{$i},10k,Axial 1/4W,", range(1, 17)),
            array_map(static fn(int $i): string => "R{$i}," . 20 * $i . ',20,0,top', range(1, 17)),
            ['settings' => ['bagging' => 'by-step', 'group' => 1]],
        );

        self::assertSame([16, 1], array_map(static fn(array $names): int => count($names), self::names($kit)));
    }

    public function test_by_step_a_gate_ends_a_bag_and_what_no_step_takes_comes_last(): void
    {
        $kit = KitMaker::kit(
            ['R1,10k,Axial 1/4W,', 'C1,100u,6.3x11,', 'BT1,9 V,,battery', ',M3x6,,screw'],
            ['R1,20,20,0,top', 'C1,60,20,0,top'],
            [
                'settings' => ['bagging' => 'by-step'],
                'gates' => [['name' => 'supply', 'needs' => ['R1'], 'protects' => ['C1']]],
            ],
        );

        self::assertSame([['R1'], ['C1', 'BT1'], ['~5']], self::names($kit));
    }

    public function test_by_side_each_side_of_each_board_has_its_bag_and_the_boards_come_in_their_order(): void
    {
        $kit = KitMaker::kit(
            [
                'R1,10k,Axial 1/4W,',
                'R2,10k,Axial 1/4W,',
                'R3,10k,Axial 1/4W,',
                'R4,10k,Axial 1/4W,',
                'BT1,9 V,,battery',
            ],
            [],
            [
                'settings' => ['bagging' => 'by-side'],
                'boards' => [
                    ['name' => 'main', 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
                    ['name' => 'lower', 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
                ],
            ],
            "Ref,X,Y,Rotation,Side,Board\nR4,20,20,0,bottom,lower\nR3,20,20,0,top,lower\nR2,20,20,0,bottom,main\nR1,20,20,0,top,main\n",
        );
        $bags = self::bags($kit);

        self::assertSame([['R1'], ['R2'], ['R3'], ['R4'], ['BT1']], self::names($kit));
        self::assertSame(
            ['main top', 'main bottom', 'lower top', 'lower bottom'],
            array_map(
                static fn(Bag $bag): string => "{$bag->title->args['board']} {$bag->title->args['side']}",
                array_slice($bags, 0, 4),
            ),
        );
        self::assertSame('bags.off-board', $bags[4]->title->code);
    }

    public function test_parts_and_hardware_are_two_bags_and_a_board_keeps_its_own(): void
    {
        $kit = KitMaker::kit(
            ['R1,10k,Axial 1/4W,', 'C1,100u,6.3x11,', ',M3x6,,screw', ',M3,,nut', 'PCB1,board,,board'],
            ['R1,20,20,0,top', 'C1,60,20,0,top'],
            ['settings' => ['bagging' => 'parts-and-hardware']],
        );

        self::assertSame([['R1', 'C1'], ['~4', '~5'], ['PCB1']], self::names($kit));
    }

    /** @return iterable<string, array{float, int}> grams of the transformer, bags */
    public static function masses(): iterable
    {
        yield 'just below what breaks glass' => [14.9, 1];
        yield 'what breaks glass' => [15.0, 2];
    }

    #[DataProvider('masses')]
    public function test_a_heavy_part_lies_apart_from_glass(float $grams, int $bags): void
    {
        $kit = KitMaker::kit(
            ['T1,12 V,block-30x25x22,transformer', 'D1,1N4148,DO-35,'],
            ['T1,20,20,0,top', 'D1,60,20,0,top'],
            ['settings' => ['bagging' => 'parts-and-hardware'], 'lines' => ['T1' => ['mass' => $grams]]],
        );

        self::assertCount($bags, self::bags($kit));
    }

    public function test_a_heavy_part_lies_with_what_is_no_glass(): void
    {
        $kit = KitMaker::kit(
            ['T1,12 V,block-30x25x22,transformer', 'R1,10k,Axial 1/4W,'],
            ['T1,20,20,0,top', 'R1,60,20,0,top'],
            ['settings' => ['bagging' => 'parts-and-hardware'], 'lines' => ['T1' => ['mass' => 40]]],
        );

        self::assertCount(1, self::bags($kit));
    }

    /** @return list<Bag> */
    private static function bags(Kit $kit): array
    {
        return (new BagPlanner())->plan($kit, KitMaker::order($kit))->bags;
    }

    public function test_boards_and_hardware_keep_bags_of_their_own_whatever_sorts_the_rest(): void
    {
        $titles = static fn(string $sorting): array => array_map(
            static fn(Bag $bag): string => $bag->title->code,
            self::bags(
                KitMaker::kit(
                    ['R1,10k,Axial 1/4W,', 'PCB1,board,,board', 'SCR1,M3x6,,screw', 'W1,hook-up,,wire'],
                    ['R1,20,20,0,top'],
                    ['settings' => ['bagging' => $sorting]],
                ),
            ),
        );

        self::assertSame(['bags.side', 'bags.hardware', 'bags.wire', 'bags.board'], $titles('by-side'));
        self::assertSame(['bags.parts', 'bags.hardware', 'bags.board'], $titles('parts-and-hardware'));
        self::assertSame(['bags.steps', 'bags.hardware', 'bags.wire', 'bags.board'], $titles('by-step'));
    }

    public function test_fourteen_parts_that_are_taken_for_one_another_two_by_two_lie_in_two_bags_with_the_others_in_the_first(): void
    {
        $bom = ['J1,2 way,5.08,terminal block'];
        for ($i = 1; $i <= 7; ++$i) {
            array_push($bom, "R{$i},{$i}70 5%,Axial 1/4W,", 'R' . (10 + $i) . ",{$i}7k 5%,Axial 1/4W,");
        }
        $kit = KitMaker::kit($bom, [], ['settings' => ['bagging' => 'parts-and-hardware']]);
        $names = self::names($kit);

        self::assertContains('J1', $names[0]);
        self::assertContains('R1', $names[0], 'the first of those that quarrel lies with those that do not');
    }

    /** @return iterable<string, array{int, int}> parts, bags */
    public static function chains(): iterable
    {
        // A chain 1-3-4-2 goes into two bags; who takes the parts one by one, 2 beside 1, needs a third.
        yield 'four parts' => [4, 2];
        yield 'twelve parts, the most that are searched' => [12, 2];
        yield 'of more each goes into the first bag that takes it' => [13, 3];
    }

    #[DataProvider('chains')]
    public function test_the_least_number_of_bags_is_searched_for_up_to_twelve_parts_that_quarrel(
        int $parts,
        int $bags,
    ): void {
        $bom = $lines = [];
        for ($i = 1; $i <= $parts; ++$i) {
            $bom[] = sprintf('J%d,%d way,5.08,terminal block', $i, $i + 1);
        }
        for ($i = 1; $i + 3 <= $parts; $i += 4) {
            $lines['J' . $i] = ['lookAlike' => ['J' . ($i + 2)]];
            $lines['J' . ($i + 3)] = ['lookAlike' => ['J' . ($i + 1), 'J' . ($i + 2)]];
        }
        $lines['J' . $parts] ??= ['lookAlike' => ['J1']];
        $kit = KitMaker::kit($bom, [], ['settings' => ['bagging' => 'parts-and-hardware'], 'lines' => $lines]);

        self::assertCount($bags, self::names($kit));
    }

    /** @return list<list<string>> */
    private static function names(Kit $kit): array
    {
        return array_map(static fn(Bag $bag): array => $bag->designators(), self::bags($kit));
    }
}
