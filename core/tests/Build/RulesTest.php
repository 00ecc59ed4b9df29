<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Rule;
use Chiralex\Build\Rules\CoverRules;
use Chiralex\Build\Rules\GateRules;
use Chiralex\Build\Rules\MakersRules;
use Chiralex\Build\Rules\MateRules;
use Chiralex\Build\Rules\OppositeSideRules;
use Chiralex\Build\Rules\OutsideWorkRules;
use Chiralex\Build\Rules\PanelRules;
use Chiralex\Build\Rules\UnderBodyRules;
use Chiralex\Build\RuleSource;
use Chiralex\Build\TaskBook;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each source of rules asks for, word for word, and what it leaves alone. */
final class RulesTest extends TestCase
{
    private const RESISTOR = 'R1,1k,Axial 1/4W,';
    private const CAPACITOR = 'C1,100u,6.3x11,';
    private const SOCKETED = ['XU1,8 way,DIP-8,IC socket', 'U1,LM393,DIP-8,IC'];

    /** @return iterable<string, array{RuleSource, list<string>, array<string, mixed>, list<string>}> source, parts, kit.json, rules */
    public static function sources(): iterable
    {
        $cure = static fn(array $more): array => [
            'groups' => ['cures' => [$more + ['name' => 'glue', 'of' => ['R1'], 'hours' => 2]]],
        ];
        $both = [self::RESISTOR, self::CAPACITOR];
        yield 'varnish before fitting' => [
            new OutsideWorkRules(),
            $both,
            $cure(['when' => 'before-fitting', 'blocks' => []]),
            ['cure glue < solder R1 order.cure'],
        ];
        yield 'varnish before fitting, its own part named as waiting' => [
            new OutsideWorkRules(),
            $both,
            $cure(['when' => 'before-fitting', 'blocks' => ['R1', 'C1', 'glue']]),
            [
                'cure glue < solder R1 order.cure',
                'cure glue < solder R1 order.cure',
                'cure glue < solder C1 order.cure',
            ],
        ];
        yield 'glue after fitting, its own part named as waiting' => [
            new OutsideWorkRules(),
            $both,
            $cure(['when' => 'after-fitting', 'blocks' => ['R1', 'C1']]),
            ['solder R1 < cure glue order.cure', 'cure glue < solder C1 order.cure'],
        ];
        yield 'a cure of what has no other work' => [
            new OutsideWorkRules(),
            $both,
            ['groups' => ['cures' => [['name' => 'box', 'of' => ['box'], 'hours' => 2, 'blocks' => ['box']]]]],
            [],
        ];
        $boards = [
            ['name' => 'main', 'outline' => [[0, 0], [40, 0], [40, 30], [0, 30]]],
            [
                'name' => 'lamps',
                'outline' => [[0, 0], [10, 0], [10, 30], [0, 30]],
                'joined' => ['to' => 'main', 'at' => [40, 0]],
            ],
        ];
        yield 'a board snapped off after what is soldered to it' => [
            new OutsideWorkRules(),
            $both,
            [
                'boards' => $boards,
                'groups' => ['snapOff' => [['board' => 'main', 'before' => ['W1', 'nothing']]]],
                'wires' => [['name' => 'W1', 'from' => 'R1.1', 'to' => 'C1.1']],
            ],
            [
                'solder R1 < snap main order.snap',
                'solder C1 < snap main order.snap',
                'snap main < wire W1 order.snap',
                'solder R1 < wire W1 order.wire',
                'solder C1 < wire W1 order.wire',
            ],
        ];
        yield 'another board waits for nothing' => [
            new OutsideWorkRules(),
            $both,
            ['boards' => $boards, 'groups' => ['snapOff' => [['board' => 'lamps', 'before' => []]]]],
            [],
        ];
        yield 'adjusting after its part and its gate' => [
            new OutsideWorkRules(),
            ['RV1,10k,trimmer 6mm,', self::CAPACITOR],
            [
                'gates' => [['name' => 'supply', 'needs' => ['C1']]],
                'tests' => [
                    ['name' => 'set', 'adjusts' => 'RV1', 'gate' => 'supply'],
                    ['name' => 'gone', 'adjusts' => 'RV9', 'gate' => 'supply'],
                    ['name' => 'look', 'gate' => 'supply'],
                ],
            ],
            ['solder RV1 < adjust RV1 order.adjust', 'gate supply < adjust RV1 order.adjust-at-gate'],
        ];
        yield 'adjusting at a gate that is not there' => [
            new OutsideWorkRules(),
            ['RV1,10k,trimmer 6mm,'],
            ['tests' => [['name' => 'set', 'adjusts' => 'RV1', 'gate' => 'none']]],
            ['solder RV1 < adjust RV1 order.adjust'],
        ];
        $wired = ['wires' => [['name' => 'W1', 'from' => 'C1.1', 'to' => 'C2.1']]];
        $trimmer = ['RV1,10k,trimmer 6mm,', self::CAPACITOR, 'C2,47u,6.3x11,'];
        yield 'adjusting without a gate waits for the wires' => [
            new OutsideWorkRules(),
            $trimmer,
            $wired + ['tests' => [['name' => 'set', 'adjusts' => 'RV1']]],
            [
                'solder C1 < wire W1 order.wire',
                'solder C2 < wire W1 order.wire',
                'solder RV1 < adjust RV1 order.adjust',
                'wire W1 < adjust RV1 order.test-joins',
            ],
        ];
        yield 'adjusting at a gate waits for none' => [
            new OutsideWorkRules(),
            $trimmer,
            $wired + [
                'gates' => [['name' => 'supply', 'needs' => []]],
                'tests' => [['name' => 'set', 'adjusts' => 'RV1', 'gate' => 'supply']],
            ],
            [
                'solder C1 < wire W1 order.wire',
                'solder C2 < wire W1 order.wire',
                'solder RV1 < adjust RV1 order.adjust',
                'gate supply < adjust RV1 order.adjust-at-gate',
            ],
        ];
        yield 'a wire to what is not soldered waits for nothing' => [
            new OutsideWorkRules(),
            [self::RESISTOR, 'BT1,9 V,PP3,battery'],
            ['wires' => [['name' => 'W1', 'from' => 'R1.1', 'to' => 'BT1.1']]],
            ['solder R1 < wire W1 order.wire'],
        ];
        yield 'a lid over a trimmer, a joint, a wire and a socket' => [
            new CoverRules(),
            [...self::SOCKETED, 'RV1,10k,trimmer 6mm,', 'LID,lid,,enclosure lid', self::RESISTOR],
            [
                'groups' => [
                    'sockets' => [['XU1', 'U1']],
                    'covers' => [['by' => 'LID', 'over' => ['RV1', 'XU1', 'W1']], ['by' => 'none', 'over' => ['R1']]],
                ],
                'tests' => [['name' => 'set', 'adjusts' => 'RV1']],
                'wires' => [['name' => 'W1', 'from' => 'RV1.1', 'to' => 'XU1.1']],
            ],
            [
                'adjust RV1 < fit LID order.adjust-before-cover',
                'solder RV1 < fit LID order.joint-before-cover',
                'solder XU1 < fit LID order.joint-before-cover',
                'insert U1 < fit LID order.ic-before-cover',
                'wire W1 < fit LID order.joint-before-cover',
            ],
        ];
        yield 'a panel that holds the parts while they are soldered is taken off to adjust' => [
            new CoverRules(),
            ['RV1,10k,trimmer 6mm,', 'SW1,on,,slide switch', 'PANEL,front,,front panel'],
            [
                'groups' => [
                    'panels' => [['by' => 'PANEL', 'parts' => ['SW1']]],
                    'covers' => [['by' => 'PANEL', 'over' => ['RV1']]],
                ],
                'tests' => [['name' => 'set', 'adjusts' => 'RV1']],
            ],
            ['solder RV1 < jig PANEL order.joint-before-cover'],
        ];
        yield 'a soldered part that covers itself and another' => [
            new CoverRules(),
            $both,
            ['groups' => ['covers' => [['by' => 'C1', 'over' => ['C1', 'R1']]]]],
            ['solder R1 < solder C1 order.joint-before-cover'],
        ];
        yield 'the maker says before' => [
            new MakersRules(),
            $both,
            ['groups' => ['before' => [['C1', 'R1'], ['C1', 'none'], ['none', 'R1']]]],
            ['solder C1 < solder R1 order.maker-before'],
        ];
        yield 'bolted together first, screws before what they hold' => [
            new MakersRules(),
            ['U1,7805,TO-220,regulator', 'HS1,,,heat sink', 'SCR1,M3,,screw', self::RESISTOR],
            [
                'groups' => [
                    'subassembly' => [['U1', 'HS1']],
                    'fixings' => [
                        ['by' => 'SCR1', 'holds' => ['R1', 'SCR1', 'none']],
                        ['by' => 'none', 'holds' => ['R1']],
                    ],
                ],
            ],
            ['bolt U1+HS1 < solder U1 order.subassembly', 'fix SCR1 < solder R1 order.fixing'],
        ];
        yield 'a gate after what it needs and before what it protects' => [
            new GateRules(),
            [...self::SOCKETED, self::CAPACITOR],
            [
                'groups' => ['sockets' => [['XU1', 'U1']]],
                'gates' => [['name' => 'supply', 'needs' => ['C1'], 'protects' => ['U1']]],
            ],
            ['solder C1 < gate supply order.gate-needs', 'gate supply < insert U1 order.gate-protects'],
        ];
        foreach ([[true, []], [false, ['gate supply < return supply C1 order.temporary']]] as [$soldered, $return]) {
            yield 'a part lent to a gate, ' . ($soldered ? 'soldered after it' : 'taken away') => [
                new GateRules(),
                [self::RESISTOR, self::CAPACITOR],
                [
                    'gates' => [
                        [
                            'name' => 'supply',
                            'needs' => [],
                            'temporary' => [
                                ['part' => 'C1', 'why' => 'load', 'then' => $soldered ? 'solder' : 'remove'],
                            ],
                        ],
                    ],
                ],
                [
                    'lend supply C1 < gate supply order.temporary',
                    ...$return,
                    ($soldered ? 'gate supply' : 'return supply C1') . ' < solder C1 order.temporary',
                ],
            ];
        }
        yield 'what is lent and is no part of the kit is only taken away' => [
            new GateRules(),
            [self::RESISTOR],
            [
                'gates' => [
                    ['name' => 'supply', 'needs' => [], 'temporary' => [['link' => ['R1.1', 'R1.2'], 'why' => 'load']]],
                ],
            ],
            [
                'lend supply link R1.1 to R1.2 < gate supply order.temporary',
                'gate supply < return supply link R1.1 to R1.2 order.temporary',
            ],
        ];
    }

    /**
     * @param list<string> $parts
     * @param array<string, mixed> $json
     * @param list<string> $rules
     */
    #[DataProvider('sources')]
    public function test_a_source_asks_for_this_and_no_more(
        RuleSource $source,
        array $parts,
        array $json,
        array $rules,
    ): void {
        self::assertEqualsCanonicalizing($rules, self::words($source, $parts, [], $json));
    }

    public function test_a_panel_closes_its_own_side_of_its_own_board(): void
    {
        $boards = [
            ['name' => 'main', 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
            ['name' => 'lamps', 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
        ];
        $kit = KitMaker::kit(
            [
                'PANEL,front,,front panel',
                'RV1,10k,16mm,potentiometer',
                'SW1,on,,slide switch',
                'R1,1k,Axial 1/4W,',
                'R2,2k2,Axial 1/4W,',
                'R3,3k3,Axial 1/4W,',
            ],
            [],
            [
                'boards' => $boards,
                'groups' => [
                    'panels' => [['by' => 'PANEL', 'parts' => ['RV1', 'SW1', 'none'], 'plasticLast' => ['RV1']]],
                ],
            ],
            "Ref,X,Y,Rotation,Side,Board\nRV1,20,20,0,top,main\nSW1,50,20,0,top,main\nR1,20,50,0,top,main\nR2,20,50,0,bottom,main\nR3,20,50,0,top,lamps\n",
        );

        self::assertSame(
            [
                'place PANEL < jig PANEL order.panel-moves',
                'jig PANEL < nuts PANEL order.panel-moves',
                'nuts PANEL < tack PANEL order.panel-moves',
                'tack PANEL < solder RV1 order.panel-moves',
                'solder SW1 < solder RV1 order.plastic-last',
                'tack PANEL < solder SW1 order.panel-moves',
                'solder R1 < place PANEL order.panel-closes',
            ],
            array_map(self::word(...), (new PanelRules())->rules($kit, TaskBook::of($kit))),
        );
    }

    /** @return iterable<string, array{float, float, string, list<string>}> where R1 stands below a relay of 20 mm by 10 mm at 40, 30 */
    public static function beneath(): iterable
    {
        $rule = ['solder R1 < solder K1 order.covers-joint'];
        // The resistor lies upright: its pins are 5.08 mm above and below its middle.
        foreach (
            ['left' => [30.1, 34], 'right' => [49.9, 34], 'low' => [40, 20.1], 'high' => [40, 39.9]] as $edge => $at
        ) {
            yield "a pin just inside the {$edge} edge" => [(float) $at[0], (float) $at[1], 'bottom', $rule];
        }
        yield 'a pin left of it' => [29.9, 34.0, 'bottom', []];
        yield 'a pin right of it' => [50.1, 34.0, 'bottom', []];
        yield 'a pin below it' => [40.0, 19.8, 'bottom', []];
        yield 'a pin above it' => [40.0, 40.2, 'bottom', []];
        yield 'on the same side' => [40.0, 30.0, 'top', []];
    }

    /** @param list<string> $rules */
    #[DataProvider('beneath')]
    public function test_a_body_waits_for_the_joints_it_covers(float $x, float $y, string $side, array $rules): void
    {
        self::assertSame(
            $rules,
            self::words(
                new OppositeSideRules(),
                ['K1,5 V,20x10x10,relay', 'R1,1k,Axial 1/4W,'],
                ['K1,40,30,0,top', "R1,{$x},{$y},90,{$side}"],
                [],
            ),
        );
    }

    public function test_a_wire_link_goes_in_before_what_stands_over_it_on_its_own_side(): void
    {
        $rules = static fn(string $side): array => self::words(
            new UnderBodyRules(),
            ['JP1,link,,wire link', 'JP2,link,,wire link', 'XU1,8 way,DIP-8,IC socket'],
            ["JP1,40,30,0,{$side}", 'JP2,10,10,0,top', 'XU1,40,30,0,top'],
            [],
        );

        self::assertSame(['solder JP1 < solder XU1 order.under-body'], $rules('top'));
        self::assertSame([], $rules('bottom'));
    }

    public function test_two_boards_are_plugged_together_when_all_else_is_soldered_and_one_board_is_not(): void
    {
        $rules = static function (string $board): array {
            $kit = KitMaker::kit(
                ['J1,2,1x4,pin header', 'J2,2,1x4,socket strip', self::RESISTOR],
                [],
                [
                    'boards' => [
                        ['name' => 'main', 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
                        ['name' => 'front', 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
                    ],
                    'groups' => ['mates' => [['J1', 'J2']]],
                ],
                "Ref,X,Y,Rotation,Side,Board\nJ1,20,20,0,bottom,{$board}\nJ2,20,20,0,top,main\nR1,50,50,0,top,main\n",
            );

            return array_values(
                array_filter(
                    array_map(self::word(...), (new MateRules())->rules($kit, TaskBook::of($kit))),
                    static fn(string $rule): bool => str_contains($rule, 'mates-last'),
                ),
            );
        };

        self::assertSame(['solder R1 < plug J1+J2 order.mates-last'], $rules('front'));
        self::assertSame([], $rules('main'));
    }

    public function test_a_body_of_another_board_covers_nothing(): void
    {
        $board = [[0, 0], [80, 0], [80, 60], [0, 60]];
        $kit = KitMaker::kit(
            ['K1,5 V,20x10x10,relay', 'R1,1k,Axial 1/4W,'],
            [],
            ['boards' => [['name' => 'a', 'outline' => $board], ['name' => 'b', 'outline' => $board]]],
            "Ref,X,Y,Rotation,Side,Board\nK1,40,30,0,top,a\nR1,40,30,0,bottom,b\n",
        );

        self::assertSame([], (new OppositeSideRules())->rules($kit, TaskBook::of($kit)));
    }

    /**
     * @param list<string> $parts
     * @param list<string> $places
     * @param array<string, mixed> $json
     * @return list<string>
     */
    private static function words(RuleSource $source, array $parts, array $places, array $json): array
    {
        $kit = KitMaker::kit($parts, $places, $json);

        return array_map(self::word(...), $source->rules($kit, TaskBook::of($kit)));
    }

    private static function word(Rule $rule): string
    {
        return "{$rule->before} < {$rule->after} {$rule->reason->code}";
    }
}
