<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Action;
use Chiralex\Build\Rule;
use Chiralex\Build\Step;
use Chiralex\Kit\Kit;
use Chiralex\Part\Hold;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    public function test_flat_parts_come_before_tall_ones_and_the_ic_after_all_soldering(): void
    {
        $words = KitMaker::words(KitMaker::order(self::small()));

        self::assertSame(['solder D1 R1 R2', 'solder XU1', 'solder C1', 'insert U1'], $words);
    }

    public function test_a_gate_stands_right_after_its_last_need_and_before_what_it_protects(): void
    {
        $words = KitMaker::words(
            KitMaker::order(
                self::small([
                    'gates' => [
                        ['name' => 'supply', 'needs' => ['D1', 'R1'], 'protects' => ['U1', 'C1'], 'expect' => '5 V'],
                    ],
                ]),
            ),
        );

        self::assertSame(['solder D1 R1 R2', 'gate supply', 'solder XU1', 'solder C1', 'insert U1'], $words);
    }

    public function test_a_gate_that_needs_the_ic_brings_it_forward_to_just_before_it(): void
    {
        $words = KitMaker::words(
            KitMaker::order(
                self::small(['gates' => [['name' => 'blink', 'needs' => ['U1', 'R1'], 'protects' => ['C1']]]]),
            ),
        );

        self::assertSame(['solder D1 R1 R2', 'solder XU1', 'insert U1', 'gate blink', 'solder C1'], $words);
    }

    public function test_the_side_the_ic_goes_in_on_is_done_last(): void
    {
        $kit = KitMaker::kit(
            ['XU1,8,DIP-8,IC socket', 'U1,LM393,DIP-8,', 'R1,1k,Axial 1/4W,resistor', 'R2,220k,Axial 1/4W,resistor'],
            ['XU1,20,20,0,bottom', 'R1,60,20,0,top', 'R2,60,40,0,bottom'],
        );
        $order = KitMaker::order($kit);

        self::assertSame(['solder R1', 'solder R2', 'solder XU1', 'insert U1'], KitMaker::words($order));
        self::assertSame([1, 4], [$order->score->flips, $order->score->steps]);
    }

    public function test_the_board_ends_on_the_side_its_ics_go_in_on(): void
    {
        $last = static function (string ...$sockets): array {
            $bom = ['XU1,8 way,DIP-8,IC socket', 'XU2,8 way,DIP-8,IC socket'];
            foreach ($sockets as $socket) {
                $bom[] = "U{$socket[2]},LM393,DIP-8,IC";
            }
            $order = KitMaker::order(
                KitMaker::kit(
                    $bom,
                    ['XU1,20,30,0,top', 'XU2,60,30,0,bottom'],
                    [
                        'groups' => [
                            'sockets' => array_map(static fn(string $s): array => [$s, "U{$s[2]}"], $sockets),
                        ],
                    ],
                ),
            );
            $soldered = array_values(
                array_filter($order->steps, static fn(Step $step): bool => $step->action === Action::Solder),
            );

            return [$soldered[1]->face?->side->value, $order->score->flips];
        };

        self::assertSame(['top', 1], $last('XU1'));
        self::assertSame(['bottom', 1], $last('XU2'));
    }

    public function test_a_part_fitted_at_the_factory_stands_on_the_table_from_the_beginning(): void
    {
        $kit = KitMaker::kit(
            ['K1,5 V,block 15x15x20,relay', 'K2,5 V,relay,relay', 'J1,2 way,5.08,terminal block'],
            ['K1,40,30,0,top', 'J1,70,50,0,top'],
            ['lines' => ['K1' => ['supply' => 'factory'], 'K2' => ['supply' => 'factory']]],
        );

        self::assertContains('K1', KitMaker::order($kit)->steps[0]->work->lie->contacts ?? []);
    }

    public function test_the_table_of_one_board_bears_nothing_of_another(): void
    {
        $boards = array_map(
            static fn(string $name): array => ['name' => $name, 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
            ['main', 'front'],
        );
        $kit = KitMaker::kit(
            ['K1,5 V,block 15x15x9,relay', 'J1,2 way,5.08,terminal block'],
            [],
            ['boards' => $boards],
            "Ref,X,Y,Rotation,Side,Board\nK1,40,30,0,top,main\nJ1,40,30,0,top,front\n",
        );
        $contacts = [];
        foreach (KitMaker::order($kit)->steps as $step) {
            $contacts[$step->names()[0]] = $step->work->lie?->contacts;
        }

        self::assertContains('K1', $contacts['K1'] ?? []);
        self::assertContains('J1', $contacts['J1'] ?? []);
        self::assertNotContains('K1', $contacts['J1'] ?? []);
    }

    public function test_an_ic_put_in_early_stands_on_the_table(): void
    {
        $kit = KitMaker::kit(
            ['XU1,8 way,DIP-8,IC socket', 'U1,LM393,DIP-8,IC', 'R1,1k,Axial 1/4W,', 'C1,100u,6.3x11,'],
            ['XU1,40,30,0,top', 'R1,20,20,0,top', 'C1,10,50,0,top'],
            [
                'groups' => [
                    'sockets' => [['XU1', 'U1']],
                ],
                'lines' => ['U1' => ['height' => 14.0], 'C1' => ['height' => 5.0]],
                'gates' => [['name' => 'supply', 'needs' => ['U1'], 'protects' => ['C1'], 'early' => true]],
            ],
        );
        $late = array_values(
            array_filter(
                KitMaker::order($kit)->steps,
                static fn(Step $step): bool => $step->action === Action::Solder && $step->names() === ['C1'],
            ),
        )[0];

        self::assertContains('U1', $late->work->lie->contacts ?? []);
    }

    public function test_soldering_warns_of_stored_charge_once_the_board_has_been_under_power(): void
    {
        $kit = KitMaker::kit(
            ['C1,470u 400V,22x40,electrolytic', 'R1,1k,Axial 1/4W,', 'C2,100u,6.3x11,'],
            [],
            [
                'supply' => ['volts' => 325, 'amps' => 1],
                'gates' => [['name' => 'supply', 'needs' => ['R1', 'C1'], 'protects' => ['C2'], 'early' => true]],
            ],
        );
        $warned = [];
        foreach (KitMaker::order($kit)->steps as $step) {
            if ($step->action === Action::Solder) {
                $warned[$step->names()[0]] = in_array(
                    'caution.charge',
                    array_column($step->work->cautions, 'code'),
                    true,
                );
            }
        }

        self::assertSame(['R1' => false, 'C1' => false, 'C2' => true], $warned);
    }

    public function test_two_that_may_not_share_a_step_break_their_rule_when_the_maker_puts_them_in_one(): void
    {
        $kit = KitMaker::kit(
            ['R1,1k,Axial 1/4W,', 'R2,2k2,Axial 1/4W,'],
            [],
            [
                'groups' => ['before' => [['R1', 'R2']]],
                'overrides' => ['order' => [['parts' => ['R2'], 'after' => ['R1'], 'sameStep' => true]]],
            ],
        );

        self::assertSame(
            ['solder R1 solder R2'],
            array_map(static fn(Rule $rule): string => "{$rule->before} {$rule->after}", KitMaker::order($kit)->broken),
        );
    }

    public function test_an_early_gate_pulls_what_it_needs(): void
    {
        $words = KitMaker::words(
            KitMaker::order(
                self::small([
                    'gates' => [['name' => 'supply', 'needs' => ['C1'], 'protects' => ['U1'], 'early' => true]],
                ]),
            ),
        );

        self::assertSame(['solder C1', 'gate supply'], array_slice($words, 0, 2));
    }

    public function test_a_borrowed_part_is_placed_before_the_gate_and_soldered_after_it(): void
    {
        $gate = [
            'name' => 'reset',
            'needs' => ['R1'],
            'temporary' => [['part' => 'C1', 'then' => 'solder'], ['link' => ['TP3', 'TP4'], 'why' => 'holds reset']],
        ];
        $words = KitMaker::words(KitMaker::order(self::small(['gates' => [$gate]])));

        self::assertContains('place C1', $words);
        self::assertContains('place link TP3 to TP4', $words);
        self::assertContains('remove link TP3 to TP4', $words);
        self::assertLessThan(array_search('gate reset', $words, true), array_search('place C1', $words, true));
        self::assertGreaterThan(array_search('gate reset', $words, true), array_search('solder C1', $words, true));
    }

    public function test_contradicting_rules_are_shown_as_a_cycle_with_what_can_be_taken_back(): void
    {
        $cycle = KitMaker::cycle(self::small(['groups' => ['before' => [['C1', 'R1'], ['R1', 'D1'], ['D1', 'C1']]]]));

        self::assertEqualsCanonicalizing(['C1', 'R1', 'D1'], array_unique($cycle->path()));
        self::assertSame($cycle->path()[0], $cycle->path()[count($cycle->path()) - 1]);
        self::assertCount(3, $cycle->relaxable());
    }

    public function test_a_joint_comes_before_the_body_that_covers_it_on_the_other_side(): void
    {
        $kit = KitMaker::kit(['K1,12 V,,relay', 'R1,1k,Axial 1/4W,'], ['K1,40,30,0,top', 'R1,40,30,0,bottom']);
        $words = KitMaker::words(KitMaker::order($kit));

        self::assertSame(['solder R1', 'solder K1'], $words);
    }

    public function test_panel_moves_come_in_their_order_and_plastic_last(): void
    {
        $kit = KitMaker::kit(
            ['PANEL,front,,front panel', 'RV1,10k,16mm,potentiometer', 'SW1,on,,slide switch', 'R1,1k,,'],
            ['RV1,20,20,0,top', 'SW1,50,20,0,top', 'R1,20,50,0,top'],
            ['groups' => ['panels' => [['by' => 'PANEL', 'parts' => ['RV1', 'SW1'], 'plasticLast' => ['RV1']]]]],
        );
        $order = KitMaker::order($kit);
        $actions = array_map(static fn(Step $step): string => $step->action->value, $order->steps);

        self::assertSame(['solder', 'place', 'jig', 'nuts', 'tack', 'solder', 'solder'], array_slice($actions, 0, 7));
        self::assertSame([['SW1'], ['RV1']], [$order->steps[5]->names(), $order->steps[6]->names()]);
        self::assertSame(Hold::Jig, $order->steps[5]->parts[0]->hold);
    }

    public function test_adjusting_comes_before_the_cover_and_a_board_is_snapped_before_what_spans_it(): void
    {
        $kit = KitMaker::kit(
            ['RV1,10k,trimmer 6mm,', 'LID,lid,,enclosure lid', 'LED1,red,LED 5mm,'],
            [],
            [
                'boards' => [
                    ['name' => 'main', 'outline' => [[0, 0], [40, 0], [40, 30], [0, 30]]],
                    [
                        'name' => 'lamps',
                        'outline' => [[0, 0], [10, 0], [10, 30], [0, 30]],
                        'joined' => ['to' => 'main', 'at' => [40, 0]],
                    ],
                ],
                'groups' => [
                    'covers' => [['by' => 'LID', 'over' => ['RV1']]],
                    'snapOff' => [['board' => 'lamps', 'before' => ['W1']]],
                ],
                'tests' => [['name' => 'set', 'adjusts' => 'RV1']],
                'wires' => [['name' => 'W1', 'from' => 'LED1.1', 'to' => 'RV1.1']],
            ],
        );
        $words = KitMaker::words(KitMaker::order($kit));

        self::assertLessThan(array_search('place LID', $words, true), array_search('adjust RV1', $words, true));
        self::assertLessThan(array_search('solder W1', $words, true), array_search('snap lamps', $words, true));
    }

    public function test_a_cure_starts_as_soon_as_it_can(): void
    {
        $kit = self::small([
            'groups' => ['cures' => [['name' => 'varnish', 'of' => ['C1'], 'when' => 'before-fitting', 'hours' => 12]]],
        ]);
        $words = KitMaker::words(KitMaker::order($kit));

        self::assertSame('cure C1', $words[0]);
    }

    public function test_stiff_pins_are_held_by_the_table_or_need_help(): void
    {
        $kit = KitMaker::kit(
            ['J1,2 way,5.08,terminal block', 'K1,12 V,,relay', 'R1,1k,,', 'C1,100u,10x16,'],
            ['J1,10,30,90,top', 'K1,45,30,0,top', 'R1,45,10,0,top', 'C1,70,30,0,top'],
        );
        $holds = [];
        foreach (KitMaker::order($kit)->steps as $step) {
            foreach ($step->parts as $part) {
                $holds[$part->designator] = $part->hold;
            }
        }

        self::assertSame([Hold::Bend, Hold::Splay], [$holds['R1'], $holds['C1']]);
        self::assertContains($holds['K1'], [Hold::Table, Hold::Tack]);
        $held = KitMaker::order(
            KitMaker::kit(
                ['J1,2 way,5.08,terminal block'],
                ['J1,10,30,90,top'],
                ['settings' => ['workholding' => 'holder']],
            ),
        );
        self::assertSame(Hold::Tack, $held->steps[0]->parts[0]->hold);
        self::assertNull($held->steps[0]->parts[0]->gap);
    }

    public function test_look_alikes_are_never_in_one_step(): void
    {
        $kit = KitMaker::kit(['D1,1N4148,DO-35,', 'ZD1,5V1,DO-35,Zener diode', 'R1,1k,,']);
        $order = KitMaker::order($kit);

        self::assertSame(0, $order->score->lookAlikes);
        foreach ($order->steps as $step) {
            self::assertNotSame(['D1', 'ZD1'], array_values(array_intersect(['D1', 'ZD1'], $step->names())));
        }
    }

    public function test_an_override_survives_and_is_told_when_it_breaks_a_rule(): void
    {
        $fine = KitMaker::order(
            self::small(['overrides' => ['order' => [['parts' => ['D1'], 'after' => ['R1'], 'sameStep' => false]]]]),
        );
        $bad = KitMaker::order(
            self::small([
                'groups' => ['before' => [['D1', 'R1']]],
                'overrides' => ['order' => [['parts' => ['R1'], 'after' => [], 'sameStep' => false]]],
            ]),
        );

        self::assertSame(['solder R1 R2', 'solder D1'], array_slice(KitMaker::words($fine), 0, 2));
        self::assertSame(0, $fine->score->violations);
        self::assertSame(['D1'], $fine->steps[1]->overridden);
        self::assertSame('solder R1', KitMaker::words($bad)[0]);
        self::assertSame(['solder D1'], array_map(static fn(Rule $rule): string => $rule->before, $bad->broken));
        self::assertSame(1, $bad->score->violations);
    }

    public function test_kind_by_kind_keeps_a_kind_together_whatever_the_heights(): void
    {
        $kit = KitMaker::kit(
            ['R1,1k,2W,resistor', 'R2,1k,Axial 1/8W,resistor', 'D1,1N4148,,', 'XU1,8,DIP-8,IC socket'],
            [],
            ['settings' => ['school' => 'kind-by-kind']],
        );
        $order = KitMaker::order($kit);

        self::assertSame(2, $order->score->kindSwitches);
        self::assertSame(['solder D1', 'solder R1 R2', 'solder XU1'], KitMaker::words($order));
    }

    public function test_the_order_does_not_depend_on_the_order_of_rows(): void
    {
        mt_srand(11);
        $bom = [];
        $placements = [];
        for ($i = 1; $i <= 24; ++$i) {
            $bom[] = match ($i % 4) {
                0 => "C{$i},100n,disc 5mm,ceramic",
                1 => "R{$i}," . 100 * $i . ',Axial 1/4W,resistor',
                2 => "D{$i},1N4007,,",
                default => "Q{$i},BC337,,",
            };
            $placements[] =
                preg_replace('~^(\w+),.*$~', '$1', $bom[$i - 1]) .
                ',' .
                (5 + 12 * ($i % 6)) .
                ',' .
                (5 + 12 * intdiv($i, 6)) .
                ',0,top';
        }
        $first = KitMaker::words(KitMaker::order(KitMaker::kit($bom, $placements)));
        for ($round = 0; $round < 5; ++$round) {
            shuffle($bom);
            shuffle($placements);
            self::assertSame($first, KitMaker::words(KitMaker::order(KitMaker::kit($bom, $placements))));
        }
    }

    public function test_no_fixed_rule_is_ever_broken_on_random_kits(): void
    {
        mt_srand(23);
        for ($round = 0; $round < 25; ++$round) {
            $count = mt_rand(4, 40);
            $bom = $before = [];
            for ($i = 1; $i <= $count; ++$i) {
                $bom[] = [
                    "R{$i},1k,Axial 1/4W,resistor",
                    "R{$i},2k,2W,resistor",
                    "C{$i},10u,5x11,",
                    "K{$i},5 V,,relay",
                ][mt_rand(0, 3)];
            }
            $names = array_map(static fn(string $row): string => explode(',', $row)[0], $bom);
            for ($i = 0; $i < $count; ++$i) {
                [$a, $b] = [mt_rand(0, $count - 1), mt_rand(0, $count - 1)];
                if ($a < $b) {
                    $before[] = [$names[$a], $names[$b]];
                }
            }
            $order = KitMaker::order(
                KitMaker::kit(
                    $bom,
                    [],
                    [
                        'groups' => ['before' => $before],
                        'gates' => [['name' => 'g', 'needs' => [$names[0]], 'protects' => [$names[$count - 1]]]],
                    ],
                ),
            );
            self::assertSame(0, $order->score->violations);
            self::assertSame([], $order->broken);
            $soldered = array_merge(
                ...array_map(
                    static fn(Step $step): array => $step->action === Action::Solder ? $step->names() : [],
                    $order->steps,
                ),
            );
            self::assertEqualsCanonicalizing($names, $soldered);
        }
    }

    /** @param array<string, mixed> $json */
    private static function small(array $json = []): Kit
    {
        return KitMaker::kit(
            ['R1,1k,,', 'R2,220k,,', 'D1,1N4148,,', 'XU1,8,DIP-8,IC socket', 'U1,LM393,DIP-8,', 'C1,47u,6.3x11,'],
            [],
            $json,
        );
    }
}
