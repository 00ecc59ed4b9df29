<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\Step;
use Chiralex\Kit\Kit;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Review\OrderMatters;
use Chiralex\Review\Reviewer;
use Chiralex\Review\Subject;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every part of a kit has its step, and every step comes after what it needs; common practice, no source. */
final class NothingMissingTest extends TestCase
{
    public function test_a_wire_with_a_place_is_a_link_and_goes_in_before_the_socket_over_it(): void
    {
        foreach (['lowest-first', 'kind-by-kind'] as $school) {
            $kit = KitMaker::kit(
                ['XU1,8 way,DIP-8,IC socket', 'R1,1k,Axial 1/4W,', 'W1,,10.16,'],
                ['XU1,20,20,0,top', 'R1,40,20,0,top', 'W1,20,20,90,top'],
                ['settings' => ['school' => $school]],
            );
            $words = KitMaker::words(KitMaker::order($kit));

            self::assertSame('link', $kit->parts['W1']->kind()->value);
            self::assertLessThan(array_search('solder XU1', $words, true), array_search('solder W1', $words, true));
        }
    }

    public function test_a_link_is_the_lowest_of_all_and_has_no_direction(): void
    {
        $kit = KitMaker::kit(['R1,1k,Axial 1/8W,', 'LK1,wire link,7.62,'], ['R1,40,20,0,top', 'LK1,20,20,90,top']);

        self::assertSame(['solder LK1', 'solder R1'], KitMaker::words(KitMaker::order($kit)));
        self::assertFalse($kit->parts['LK1']->direction->polarised);
    }

    public function test_a_wire_without_a_place_stays_a_wire(): void
    {
        $kit = KitMaker::kit(['W1,red,,hook-up wire', 'R1,1k,Axial 1/4W,'], ['R1,40,20,0,top']);

        self::assertSame('wire', $kit->parts['W1']->kind()->value);
    }

    public function test_a_bolted_pair_is_one_body_with_one_height_soldered_once(): void
    {
        $order = KitMaker::order(
            KitMaker::kit(
                ['Q1,BD139,TO-126,transistor', 'HS1,,,heat sink', 'C1,100u 16V,8x20,electrolytic'],
                ['Q1,20,20,0,top', 'HS1,20,24,0,top', 'C1,60,20,0,top'],
                ['groups' => ['subassembly' => [['Q1', 'HS1']]]],
            ),
        );
        $pair = self::step($order, 'solder Q1 HS1');

        self::assertSame([25.0, 25.0], array_map(static fn($part) => $part->height, $pair->parts));
        self::assertSame(
            ['solder C1', 'bolt Q1 HS1', 'solder Q1 HS1'],
            KitMaker::words($order),
            'the pair is taller than the can',
        );
    }

    public function test_a_bolted_pair_is_not_closed_in_by_itself(): void
    {
        $order = KitMaker::order(
            KitMaker::kit(
                ['U1,7805,TO-220,', 'HS1,,,heat sink'],
                ['U1,20,20,0,top', 'HS1,20,23,0,top'],
                ['groups' => ['subassembly' => [['U1', 'HS1']]]],
            ),
        );

        self::assertSame([], $order->givenUp->wishes);
    }

    public function test_plugs_that_join_two_boards_are_set_plugged_tacked_and_soldered_after_the_rest(): void
    {
        $kit = KitMaker::kit(
            [
                'J1,1x4,2.54,pin header',
                'J2,1x4,2.54,socket strip',
                'C1,100u 16V,8x20,electrolytic',
                'R1,1k,Axial 1/4W,',
            ],
            [],
            [
                'boards' => [
                    ['name' => 'main', 'outline' => [[0, 0], [60, 0], [60, 40], [0, 40]]],
                    ['name' => 'front', 'outline' => [[0, 0], [60, 0], [60, 40], [0, 40]]],
                ],
                'groups' => ['mates' => [['J1', 'J2']]],
            ],
            "Ref,X,Y,Rotation,Side,Board\nJ1,30,5,0,top,main\nC1,30,30,0,top,main\nJ2,30,5,0,bottom,front\nR1,30,30,0,top,front\n",
        );

        self::assertSame(
            ['place J1 J2', 'tack J1 J2', 'solder J1', 'solder J2'],
            array_slice(KitMaker::words(KitMaker::order($kit)), 2),
        );
    }

    public function test_a_display_that_sockets_names_is_plugged_together_with_its_strip(): void
    {
        $kit = KitMaker::kit(
            ['SS1,1x8,2.54,socket strip', 'DISP1,16x2,block 80x36x9,LCD display'],
            ['SS1,30,10,0,top', 'DISP1,30,30,0,top'],
            ['groups' => ['sockets' => [['SS1', 'DISP1']]]],
        );

        self::assertSame('place', KitMaker::order($kit)->steps[0]->action->value);
        self::assertSame(['DISP1', 'SS1'], KitMaker::order($kit)->steps[0]->names());
    }

    public function test_only_what_goes_through_a_panel_gets_its_moves(): void
    {
        $kit = KitMaker::kit(
            [
                'RV1,10k lin,16mm,potentiometer',
                'LED1,red,LED 3mm,',
                'KN1,,,knob',
                'BT1,9 V,,battery',
                'PANEL,,,front panel',
                'W9,,,hook-up wire',
            ],
            ['RV1,20,20,0,top', 'LED1,40,20,0,top'],
            ['groups' => ['panels' => [['by' => 'PANEL', 'parts' => ['RV1', 'LED1', 'KN1', 'BT1', 'W9']]]]],
        );
        $words = KitMaker::words(KitMaker::order($kit));

        self::assertContains('place RV1 LED1', $words);
        self::assertContains('nuts RV1', $words, 'a lamp has no nut');
        self::assertContains('tack RV1 LED1', $words);
    }

    public function test_a_hole_in_the_lid_sets_the_height_of_the_lamp_behind_it(): void
    {
        $kit = self::lamp(['LED1' => [0, 0]]);
        $words = KitMaker::words(KitMaker::order($kit));

        self::assertContains('jig BOX1', $words);
        self::assertLessThan(
            array_search('solder LED1', $words, true),
            array_search('tack LED1', $words, true),
            implode(', ', $words),
        );
        self::assertContains('place BOX1', $words, 'the box that served as jig is closed at the end');
    }

    public function test_a_button_that_locks_into_the_board_waits_for_no_lid(): void
    {
        $kit = self::lamp(['SW1' => [0, 0]]);

        self::assertNotContains('jig BOX1', KitMaker::words(KitMaker::order($kit)));
    }

    public function test_no_test_stands_between_tacking_and_soldering(): void
    {
        $kit = KitMaker::kit(
            [
                'RV1,10k lin,16mm,potentiometer',
                'RV2,10k lin,16mm,potentiometer',
                'R1,1k,Axial 1/4W,',
                'PANEL,,,front panel',
            ],
            ['RV1,20,20,0,top', 'RV2,50,20,0,top', 'R1,40,50,0,top'],
            [
                'groups' => ['panels' => [['by' => 'PANEL', 'parts' => ['RV1', 'RV2'], 'plasticLast' => ['RV2']]]],
                'gates' => [['name' => 'half', 'needs' => ['RV1'], 'expect' => '1 to 2 V']],
            ],
        );

        self::assertSame(
            ['tack RV1 RV2', 'solder RV1', 'solder RV2', 'gate half'],
            array_slice(KitMaker::words(KitMaker::order($kit)), -4),
        );
    }

    public function test_a_test_comes_after_what_its_formula_its_points_and_its_advice_name(): void
    {
        $order = KitMaker::order(
            KitMaker::kit(
                [
                    'R1,1k,Axial 1/4W,',
                    'R2,2k,Axial 1/4W,',
                    'TP1,,1x1,pin header',
                    'K1,12V,cube relay,relay',
                    'D1,1N4148,DO-35,',
                ],
                ['R1,10,10,0,top', 'R2,30,10,0,top', 'TP1,50,10,0,top', 'K1,30,40,0,top', 'D1,60,40,0,top'],
                [
                    'gates' => [['name' => 'half', 'needs' => ['D1'], 'expect' => '']],
                    'tests' => [
                        [
                            'name' => 'half',
                            'gate' => 'half',
                            'power' => 'off',
                            'instrument' => 'meter',
                            'points' => ['TP1.1'],
                            'expect' => 'R1 + R2',
                            'otherwise' => 'look at K1',
                        ],
                    ],
                ],
            ),
        );
        $words = KitMaker::words($order);

        self::assertSame(['solder K1', 'gate half'], array_slice($words, -2), implode(', ', $words));
    }

    public function test_power_comes_in_before_a_test_with_power(): void
    {
        $words = KitMaker::words(KitMaker::order(self::powered('on')));

        self::assertSame(['solder W1', 'solder W2', 'gate rail'], array_slice($words, -5, 3), implode(', ', $words));
        $dead = KitMaker::words(KitMaker::order(self::powered('off')));
        self::assertLessThan(
            array_search('solder W1', $dead, true) ?: array_search('solder W1 W2', $dead, true),
            array_search('gate rail', $dead, true),
            'a test without power waits for no wire',
        );
    }

    public function test_an_adjustment_is_made_on_the_finished_circuit(): void
    {
        $kit = KitMaker::kit(
            ['RV1,10k,trimmer 10mm,', 'J1,2 way,5.08,terminal block', 'LS1,8 ohm,,loudspeaker'],
            ['RV1,20,20,0,top', 'J1,50,20,0,top'],
            [
                'wires' => [
                    [
                        'name' => 'W1',
                        'from' => 'J1.1',
                        'to' => 'LS1.1',
                        'mm' => 90,
                        'colour' => 'red',
                        'stripped' => [5, 5],
                        'face' => 'top',
                    ],
                ],
                'tests' => [
                    [
                        'name' => 'pitch',
                        'power' => 'on',
                        'instrument' => 'ear',
                        'points' => ['LS1'],
                        'expect' => '400 to 500 Hz',
                        'adjusts' => 'RV1',
                        'otherwise' => '',
                    ],
                ],
            ],
        );
        $words = KitMaker::words(KitMaker::order($kit));

        self::assertLessThan(array_search('adjust RV1', $words, true), array_search('solder W1', $words, true));
    }

    public function test_the_end_is_the_test_of_function_the_box_the_test_again_and_the_knobs(): void
    {
        $kit = KitMaker::kit(
            [
                'R1,1k,Axial 1/4W,',
                'BOX1,,,enclosure',
                'KN1,,,knob',
                'FT1,,,rubber feet',
                'ST1,M3x10,,standoff',
                'BT1,9 V,,battery',
                ',M3x6,,screw',
            ],
            ['R1,20,20,0,top'],
            ['supply' => ['volts' => 9, 'amps' => 0.02]],
        );
        $order = KitMaker::order($kit);

        self::assertSame(
            [
                'solder R1',
                'insert BT1',
                'gate finished',
                'bolt ST1',
                'place FT1',
                'place BOX1',
                'gate boxed',
                'place KN1',
            ],
            KitMaker::words($order),
        );
        self::assertSame(['~8'], self::step($order, 'bolt ST1')->uses);
    }

    public function test_a_kit_that_runs_from_nothing_and_says_no_test_has_none_at_the_end(): void
    {
        self::assertSame(
            ['solder R1'],
            KitMaker::words(KitMaker::order(KitMaker::kit(['R1,1k,Axial 1/4W,'], ['R1,20,20,0,top']))),
        );
    }

    public function test_hardware_goes_with_the_part_its_row_names(): void
    {
        $order = KitMaker::order(
            KitMaker::kit(
                ['U1,7805,TO-220,', 'HS1,,,heat sink', ',M3x8,,screw for U1', 'PCB1,,,bare board', ',,,solder 1 m'],
                ['U1,20,20,0,top', 'HS1,20,23,0,top'],
                ['groups' => ['subassembly' => [['U1', 'HS1']]]],
            ),
        );

        self::assertSame(['PCB1', '~4'], self::sorted(self::step($order, 'bolt U1 HS1')->uses));
        self::assertSame(['~6'], self::step($order, 'solder U1 HS1')->uses);
    }

    public function test_an_insulator_goes_with_the_part_it_is_for_and_a_sticker_has_a_step(): void
    {
        $order = KitMaker::order(
            KitMaker::kit(
                ['U1,7805,TO-220,', 'HS1,,,heat sink', ',mica,,insulator for U1', ',,40x20,front sticker'],
                ['U1,20,20,0,top', 'HS1,20,23,0,top'],
                ['groups' => ['subassembly' => [['U1', 'HS1']]]],
            ),
        );

        self::assertSame(['~4'], self::step($order, 'bolt U1 HS1')->uses);
        self::assertContains('place ~5', KitMaker::words($order));
    }

    /** @return iterable<string, array{string, bool}> a row of the parts list, and whether it blocks for want of a step */
    public static function rows(): iterable
    {
        yield 'a screw that holds nothing' => [',M3x8,,screw', true];
        yield 'wire without a wire' => [',red,,hook-up wire', true];
        yield 'a spare' => [',M3x8,,spare screw', false];
        yield 'packing' => [',box,,packing', false];
        yield 'a part on the board' => ['R9,1k,Axial 1/4W,', false];
    }

    #[DataProvider('rows')]
    public function test_what_is_in_the_kit_and_in_no_step_blocks_release(string $row, bool $blocks): void
    {
        $kit = KitMaker::kit(['R1,1k,Axial 1/4W,', $row]);
        $found = array_filter(
            (new Reviewer())->matters($kit, KitMaker::order($kit)),
            static fn($matter): bool => $matter->code === 'order.no-step',
        );

        self::assertCount($blocks ? 1 : 0, $found);
        foreach ($found as $matter) {
            self::assertSame(MatterSeverity::Block, $matter->severity);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, MatterSeverity}> */
    public static function moved(): iterable
    {
        yield 'a test before what it needs' => [['parts' => ['U1'], 'after' => []], MatterSeverity::Block];
        yield 'an IC before other soldering, in its socket' => [
            ['parts' => ['U1'], 'after' => ['XU1']],
            MatterSeverity::Warn,
        ];
    }

    /** @param array<string, mixed> $override */
    #[DataProvider('moved')]
    public function test_a_step_before_what_it_needs_blocks_and_one_against_habit_warns(
        array $override,
        MatterSeverity $weight,
    ): void {
        $kit = KitMaker::kit(
            ['XU1,8 way,DIP-8,IC socket', 'U1,NE555,DIP-8,', 'C1,100u 16V,8x20,electrolytic'],
            ['XU1,20,20,0,top', 'C1,60,20,0,top'],
            ['overrides' => ['order' => [$override + ['sameStep' => false]]]],
        );
        $weights = array_map(
            static fn($matter) => $matter->severity,
            array_values(
                array_filter(
                    (new OrderMatters())->matters(new Subject($kit, KitMaker::order($kit))),
                    static fn($matter): bool => $matter->code === 'order.broken-rule',
                ),
            ),
        );

        self::assertContains($weight, $weights);
        self::assertSame($weight === MatterSeverity::Block, in_array(MatterSeverity::Block, $weights, true));
    }

    public function test_block_by_block_a_test_point_goes_with_the_block_it_tests(): void
    {
        $kit = KitMaker::kit(
            ['R1,1k,Axial 1/4W,', 'TP1,,1x1,pin header', 'R2,1k,Axial 1/4W,', 'C2,100n,disc 5mm,'],
            ['R1,10,10,0,top', 'TP1,30,10,0,top', 'R2,10,30,0,top', 'C2,30,30,0,top'],
            [
                'settings' => ['school' => 'block-by-block'],
                'groups' => ['block' => ['supply' => ['R1'], 'input' => ['R2', 'C2']]],
                'gates' => [['name' => 'rail', 'needs' => ['R1'], 'expect' => '']],
                'tests' => [
                    [
                        'name' => 'rail',
                        'gate' => 'rail',
                        'power' => 'off',
                        'instrument' => 'meter',
                        'points' => ['TP1.1'],
                        'expect' => '1 to 2 V',
                        'otherwise' => '',
                    ],
                ],
            ],
        );

        $words = KitMaker::words(KitMaker::order($kit));
        $gate = (int) array_search('gate rail', $words, true);
        self::assertEqualsCanonicalizing(
            ['solder R1', 'solder TP1'],
            array_slice($words, $gate - 2, 2),
            implode(', ', $words),
        );
    }

    public function test_a_kit_of_parts_in_a_case_has_no_board_and_begins_with_the_case(): void
    {
        $wire = static fn(string $name, string $from, string $to): array => [
            'name' => $name,
            'from' => $from,
            'to' => $to,
            'mm' => 60,
            'colour' => 'red',
            'stripped' => [5, 5],
            'face' => 'top',
        ];
        $kit = KitMaker::kit(
            [
                'SW1,2P4T,rotary,selector switch',
                'J1,RCA red,chassis,input',
                'J2,RCA red,chassis,output',
                'KN1,,,knob',
                'CH1,,,aluminium box',
                'FT1,,,rubber feet',
            ],
            [],
            [
                'boards' => [],
                'wires' => [$wire('W1', 'J1.tip', 'SW1.1'), $wire('W2', 'SW1.a', 'J2.tip')],
                'tests' => [
                    [
                        'name' => 'through',
                        'power' => 'off',
                        'instrument' => 'meter',
                        'points' => ['J1.tip'],
                        'expect' => '< 2 ohm',
                        'otherwise' => '',
                    ],
                ],
            ],
        );

        self::assertTrue($kit->nature->boardless);
        self::assertSame(
            ['place CH1', 'place FT1', 'place J1 J2', 'place SW1', 'solder W1 W2', 'gate finished', 'place KN1'],
            KitMaker::words(KitMaker::order($kit)),
        );
    }

    public function test_a_circle_that_rests_on_habit_gives_way_and_one_that_is_typed_is_shown_with_an_order_without_it(): void
    {
        $panel = [
            ['RV1,10k lin,16mm,potentiometer', 'R1,1k,Axial 1/4W,', 'PANEL,,,front panel'],
            ['RV1,20,20,0,top', 'R1,40,50,0,top'],
        ];
        $habit = KitMaker::order(
            KitMaker::kit(
                ...[
                    ...$panel,
                    [
                        'groups' => [
                            'panels' => [['by' => 'PANEL', 'parts' => ['RV1']]],
                            'before' => [['RV1', 'R1']],
                        ],
                    ],
                ],
            ),
        );
        self::assertSame(
            ['order.panel-closes'],
            array_map(static fn($rule): string => $rule->reason->code, $habit->givenUp->guesses),
        );
        $typed = KitMaker::cycle(
            KitMaker::kit(...[...$panel, ['groups' => ['before' => [['RV1', 'R1'], ['R1', 'RV1']]]]]),
        );
        self::assertSame(['order.maker-before'], array_map(static fn($rule) => $rule->reason->code, $typed->leftOut));
        self::assertCount(3, $typed->without->steps ?? []);
    }

    private static function step(BuildOrder $order, string $words): Step
    {
        $index = array_search($words, KitMaker::words($order), true);
        self::assertIsInt($index, "{$words} is no step of " . implode(', ', KitMaker::words($order)));

        return $order->steps[$index];
    }

    /**
     * @param list<string> $names
     * @return list<string>
     */
    private static function sorted(array $names): array
    {
        sort($names);

        return $names;
    }

    /** @param array<string, array{int, int}> $holes */
    private static function lamp(array $holes): Kit
    {
        return KitMaker::kit(
            ['LED1,red,LED 5mm,', 'SW1,test,6x6,tact switch', 'R1,1k,Axial 1/4W,', 'BOX1,,,enclosure'],
            ['LED1,20,20,0,top', 'SW1,50,20,0,top', 'R1,40,40,0,top'],
            [
                'drilling' => [
                    [
                        'by' => 'BOX1',
                        'face' => 'lid',
                        'size' => [80, 60],
                        'holes' => array_map(
                            static fn(string $for, array $at): array => ['for' => $for, 'at' => $at],
                            array_keys($holes),
                            $holes,
                        ),
                    ],
                ],
            ],
        );
    }

    private static function powered(string $power): Kit
    {
        return KitMaker::kit(
            ['R1,1k,Axial 1/4W,', 'SW1,on,,toggle switch', 'BT1,9 V,,battery clip', 'C1,100u 16V,8x20,electrolytic'],
            ['R1,20,20,0,top', 'C1,60,20,0,top'],
            [
                'supply' => ['volts' => 9, 'amps' => 0.02],
                'settings' => ['group' => 1],
                'wires' => [
                    [
                        'name' => 'W1',
                        'from' => 'BT1.+',
                        'to' => 'SW1.1',
                        'mm' => 90,
                        'colour' => 'red',
                        'stripped' => [5, 5],
                        'face' => 'top',
                    ],
                    [
                        'name' => 'W2',
                        'from' => 'SW1.2',
                        'to' => 'R1.1',
                        'mm' => 90,
                        'colour' => 'red',
                        'stripped' => [5, 5],
                        'face' => 'top',
                    ],
                ],
                'gates' => [['name' => 'rail', 'needs' => ['R1', 'C1'], 'expect' => '']],
                'tests' => [
                    [
                        'name' => 'rail',
                        'gate' => 'rail',
                        'power' => $power,
                        'instrument' => 'meter',
                        'points' => ['R1.1'],
                        'expect' => '8 to 9 V',
                        'otherwise' => '',
                    ],
                ],
            ],
        );
    }
}
