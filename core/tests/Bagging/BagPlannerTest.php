<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Bag;
use Chiralex\Bagging\BagPlan;
use Chiralex\Bagging\BagPlanner;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Sorting;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** All kits here are invented; the rules are common practice, no source. */
final class BagPlannerTest extends TestCase
{
    public function test_every_piece_of_the_kit_is_in_one_bag_and_nothing_else_is(): void
    {
        $kit = KitMaker::kit(
            ['"R1,R2",10k,Axial 1/4W,', 'C1,100u,6.3x11,', 'U1,LM393,DIP-8,', 'BT1,9 V,,battery', ',M3x6,,screw'],
            [],
            ['lines' => ['BT1' => ['supply' => 'builder'], 'C1' => ['supply' => 'not-fitted']]],
        );
        $all = array_merge(...array_map(static fn(Bag $bag): array => $bag->designators(), self::plan($kit)->bags));
        sort($all);
        self::assertSame(['R1', 'R2', 'U1', '~6'], $all);
        self::assertSame(['BT1'], array_map(static fn($part): string => $part->designator, self::plan($kit)->brought));
    }

    public function test_look_alikes_never_share_a_bag(): void
    {
        // 470 ohm, 47 kohm and 4.7 kohm: yellow violet and then brown, orange or red.
        $plan = self::plan(
            KitMaker::kit([
                'R1,470 5%,Axial 1/4W,',
                'R2,47k 5%,Axial 1/4W,',
                'R3,4k7 5%,Axial 1/4W,',
                'R4,1M 5%,Axial 1/4W,',
            ]),
        );
        self::assertSame([['R1', 'R4'], ['R2'], ['R3']], self::names($plan));
        self::assertSame([], $plan->conflicts);
        self::assertSame('bags.apart', $plan->bags[1]->reasons[0]->code);
    }

    /** A signal diode and a Zener in glass look alike, and so do two transistors; two bags take them all. */
    public function test_the_least_number_of_bags_is_found(): void
    {
        $plan = self::plan(
            KitMaker::kit(
                ['D1,1N4148,DO-35,', 'ZD1,5V1,DO-35,', 'Q1,BC337,TO-92,', 'Q2,BC327,TO-92,'],
                [],
                ['lines' => ['Q1' => ['sensitivity' => 'none'], 'Q2' => ['sensitivity' => 'none']]],
            ),
        );
        self::assertCount(2, $plan->bags);
    }

    public function test_static_parts_have_a_shielding_bag_of_their_own_when_sorted_by_kind(): void
    {
        $plan = self::plan(KitMaker::kit(['R1,10k,Axial 1/4W,', 'U1,LM393,DIP-8,']));
        self::assertSame([false, true], array_map(static fn(Bag $bag): bool => $bag->esd, $plan->bags));
    }

    public function test_a_bare_board_lies_alone_and_a_heavy_part_not_with_glass(): void
    {
        $plan = self::plan(
            KitMaker::kit(
                ['D1,1N4148,DO-35,', 'T1,12 V,,transformer', ',,,PCB'],
                [],
                ['settings' => ['bagging' => 'parts-and-hardware'], 'lines' => ['T1' => ['mass' => 80.0]]],
            ),
        );
        self::assertSame([['D1'], ['T1'], ['~4']], self::names($plan));
    }

    public function test_a_part_the_maker_moves_goes_there_and_a_quarrel_is_told(): void
    {
        $plan = self::plan(
            KitMaker::kit(
                ['R1,470 5%,Axial 1/4W,', 'R2,47k 5%,Axial 1/4W,'],
                [],
                ['overrides' => ['bags' => [['part' => 'R2', 'bag' => 'A']]]],
            ),
        );
        self::assertSame([['R1', 'R2']], self::names($plan));
        self::assertSame(['R2'], $plan->bags[0]->overridden);
        self::assertSame('bags.look-alikes', $plan->conflicts[0]->reason->code);
    }

    public function test_moving_one_of_several_alike_leaves_the_others(): void
    {
        $plan = self::plan(
            KitMaker::kit(['R1-R3,10k,Axial 1/4W,'], [], ['overrides' => ['bags' => [['part' => 'R2', 'bag' => 'Z']]]]),
        );
        self::assertSame([['R1', 'R3'], ['R2']], self::names($plan));
        self::assertSame('bags.own', $plan->bags[1]->title->code);
    }

    public function test_by_step_a_gate_ends_a_stage(): void
    {
        $kit = KitMaker::kit(
            ['R1,10k,Axial 1/4W,', 'C1,100u,6.3x11,', 'J1,2 way,5.08,terminal block'],
            ['R1,10,10,0,top', 'C1,30,10,0,top', 'J1,50,10,0,top'],
            [
                'gates' => [
                    ['name' => 'early', 'needs' => ['R1'], 'protects' => ['C1'], 'expect' => '1 V', 'early' => true],
                ],
            ],
        );
        self::assertSame([['R1'], ['C1', 'J1']], self::names(self::plan($kit, Sorting::ByStep)));
    }

    public function test_by_side_each_side_of_each_board_has_its_bag(): void
    {
        $kit = KitMaker::kit(
            ['R1,10k,Axial 1/4W,', 'R2,22k,Axial 1/4W,', 'BOX1,plain,,enclosure'],
            ['R1,10,10,0,top', 'R2,30,10,0,bottom'],
        );
        self::assertSame([['R1'], ['R2'], ['BOX1']], self::names(self::plan($kit, Sorting::BySide)));
    }

    public function test_wires_of_one_colour_and_length_are_cut_together(): void
    {
        $wire = static fn(string $name, string $colour, float $mm): array => [
            'name' => $name,
            'from' => 'J1.1',
            'to' => 'SW1.a',
            'colour' => $colour,
            'mm' => $mm,
        ];
        $plan = self::plan(
            KitMaker::kit(
                ['R1,10k,Axial 1/4W,'],
                [],
                ['wires' => [$wire('W1', 'red', 60), $wire('W2', 'black', 60), $wire('W3', 'red', 60)]],
            ),
        );
        self::assertSame(
            [['red', 2, 60.0, ['W1', 'W3']], ['black', 1, 60.0, ['W2']]],
            array_map(static fn($cut): array => [$cut->what, $cut->pieces, $cut->length, $cut->names], $plan->cuts),
        );
    }

    public function test_a_box_is_no_bag_and_small_parts_take_the_smallest(): void
    {
        $plan = self::plan(KitMaker::kit(['R1,10k,Axial 1/4W,', 'BOX1,plain,,enclosure']));
        self::assertSame(['60x80', 'box'], array_map(static fn(Bag $bag): string => $bag->size->value, $plan->bags));
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "kit {$seed}" => [$seed];
        }
    }

    /** Property: whatever the kit and the school, no computed bag holds two look-alikes, and none is lost or doubled. */
    #[DataProvider('seeds')]
    public function test_random_kits_keep_the_rules(int $seed): void
    {
        mt_srand($seed);
        $values = ['470 5%', '4k7 5%', '47k 5%', '1k 5%', '10k 5%', '100k 5%', '220 5%', '2k2 5%', '22k 5%'];
        $rows = [];
        for ($i = 1; $i <= 24; ++$i) {
            $rows[] = "R{$i}," . $values[mt_rand(0, 8)] . ',Axial 1/4W,';
        }
        $rows[] = 'D1,1N4148,DO-35,';
        $rows[] = 'ZD1,' . mt_rand(3, 9) . 'V1,DO-35,';
        $kit = KitMaker::kit($rows);
        $alike = LookAlikes::of($kit);
        foreach (Sorting::cases() as $school) {
            $plan = self::plan($kit, $school);
            $all = array_merge(...array_map(static fn(Bag $bag): array => $bag->designators(), $plan->bags));
            self::assertCount(26, array_unique($all));
            self::assertCount(26, $all);
            self::assertSame([], $plan->conflicts);
            foreach ($plan->bags as $bag) {
                foreach ($bag->designators() as $name) {
                    self::assertSame(
                        [],
                        array_diff(array_intersect($bag->designators(), $alike->to($name)), $bag->taped()),
                        "{$name} in bag {$bag->name}",
                    );
                }
            }
        }
    }

    private static function plan(Kit $kit, ?Sorting $school = null): BagPlan
    {
        return (new BagPlanner())->plan($kit, KitMaker::order($kit), $school);
    }

    /** @return list<list<string>> */
    private static function names(BagPlan $plan): array
    {
        return array_map(static fn(Bag $bag): array => $bag->designators(), $plan->bags);
    }
}
