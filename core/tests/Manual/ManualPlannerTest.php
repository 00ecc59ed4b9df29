<?php

declare(strict_types=1);

namespace Chiralex\Tests\Manual;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Kit\Kit;
use Chiralex\Manual\Manual;
use Chiralex\Manual\ManualPlanner;
use Chiralex\Manual\ManualStep;
use Chiralex\Reason\Reason;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** All kits here are invented; tools, technique and cautions are common practice, no source. */
final class ManualPlannerTest extends TestCase
{
    public function test_each_step_says_what_its_bags_should_still_hold(): void
    {
        $manual = self::manual(
            KitMaker::kit(
                ['R1,10k,Axial 1/4W,', 'C1,100u,6.3x11,', 'C2,22u,5x11,'],
                ['R1,10,10,0,top', 'C1,30,10,0,top', 'C2,50,10,0,top'],
                ['settings' => ['group' => 1]],
            ),
        );
        self::assertSame([['A' => []], ['B' => ['C2']], ['B' => []]], self::sortedRemaining($manual));
    }

    public function test_a_callout_stands_at_the_step_that_fits_its_part(): void
    {
        $manual = self::manual(
            KitMaker::kit(['R1,10k,Axial 1/4W,', 'D1,1N4148,DO-35,'], ['R1,10,10,0,top', 'D1,30,10,0,top']),
        );
        foreach ($manual->steps as $step) {
            self::assertSame(
                in_array('D1', $step->step->names(), true) ? ['D1'] : [],
                array_map(static fn($callout): string => $callout->designator, $step->callouts),
            );
        }
    }

    public function test_a_test_stands_at_its_gate_and_an_adjustment_at_its_trimmer(): void
    {
        $manual = self::manual(
            KitMaker::kit(
                ['R1,10k,Axial 1/4W,', 'RV1,10k,trimmer 10mm,trimmer'],
                ['R1,10,10,0,top', 'RV1,40,30,0,top'],
                [
                    'gates' => [['name' => 'supply', 'needs' => ['R1'], 'protects' => [], 'expect' => '5 V']],
                    'tests' => [
                        ['name' => 'rail', 'gate' => 'supply', 'expect' => '5 V'],
                        ['name' => 'point', 'expect' => '2 V', 'adjusts' => 'RV1'],
                    ],
                ],
            ),
        );
        $tests = [];
        foreach ($manual->steps as $step) {
            foreach ($step->tests as $test) {
                $tests[$test->name] = $step->step->action->value;
            }
        }
        self::assertSame(['rail' => 'gate', 'point' => 'adjust'], $tests);
    }

    public function test_a_battery_that_goes_in_is_no_ic(): void
    {
        $manual = self::manual(
            KitMaker::kit(
                ['R1,10k,Axial 1/4W,', 'BT1,9 V,,battery'],
                [],
                ['lines' => ['BT1' => ['supply' => 'builder']]],
            ),
        );
        $last = $manual->steps[count($manual->steps) - 1];

        self::assertSame(
            [['BT1'], ['tip.battery']],
            [$last->step->names(), array_map(static fn(Reason $reason): string => $reason->code, $last->tips)],
        );
    }

    public function test_few_ohms_say_to_subtract_the_leads_at_their_step(): void
    {
        $kit = static fn(string $expect): Kit => KitMaker::kit(
            ['R1,10k,Axial 1/4W,'],
            [],
            [
                'gates' => [['name' => 'coil', 'needs' => ['R1']]],
                'tests' => [
                    [
                        'name' => 'winding',
                        'gate' => 'coil',
                        'points' => ['L1.1', 'L1.2'],
                        'power' => 'off',
                        'expect' => $expect,
                    ],
                ],
            ],
        );
        $codes = static fn(Kit $kit): array => array_merge(
            ...array_map(
                static fn($step): array => array_map(static fn(Reason $reason): string => $reason->code, $step->tips),
                self::manual($kit)->steps,
            ),
        );

        self::assertContains('tip.leads', $codes($kit('1 to 3 ohm')));
        self::assertNotContains('tip.leads', $codes($kit('> 200 ohm')));
        self::assertNotContains('tip.leads', $codes($kit('1 to 3 V')));
    }

    /** @return iterable<string, array{string, string}> row, code */
    public static function tips(): iterable
    {
        yield 'axial resistor' => ['R1,10k,Axial 1/4W,', 'tip.resistor'];
        yield 'diode' => ['D1,1N4148,DO-35,', 'tip.diode'];
        yield 'ceramic' => ['C1,100n,disc 5mm,ceramic', 'tip.ceramic'];
        yield 'electrolytic' => ['C1,100u,6.3x11,', 'tip.electrolytic'];
        yield 'LED' => ['LED1,red,LED 5mm,', 'tip.led'];
        yield 'IC soldered directly' => ['U1,LM393,DIP-8,', 'tip.ic-direct'];
        yield 'small transistor' => ['Q1,BC337,TO-92,', 'tip.to92'];
        yield 'power package' => ['U1,7805,TO-220,regulator', 'tip.power'];
        yield 'relay' => ['K1,5 V,19x15.5x15.5,relay', 'tip.relay'];
        yield 'terminal block' => ['J1,2 way,5.08,screw terminal block', 'tip.block'];
    }

    #[DataProvider('tips')]
    public function test_a_step_carries_the_technique_of_its_kind(string $row, string $code): void
    {
        $name = explode(',', $row)[0];
        $manual = self::manual(KitMaker::kit([$row], ["{$name},40,30,0,top"]));
        self::assertSame(
            ['tip.bare-board', $code, 'tip.iron'],
            array_slice(self::codes($manual->steps[0]->tips), 0, 3),
        );
    }

    /** @return iterable<string, array{list<string>, array<string, mixed>, string, bool}> rows, kit file, tool, asked for */
    public static function tools(): iterable
    {
        yield 'leaded' => [['R1,10k,Axial 1/4W,'], [], 'tool.iron-leaded', true];
        yield 'lead-free' => [
            ['R1,10k,Axial 1/4W,'],
            ['settings' => ['alloy' => 'lead-free']],
            'tool.iron-lead-free',
            true,
        ];
        yield 'no tests, no meter' => [['R1,10k,Axial 1/4W,'], [], 'tool.meter', false];
        yield 'a gate asks for a meter' => [
            ['R1,10k,Axial 1/4W,'],
            ['gates' => [['name' => 'g', 'needs' => ['R1'], 'protects' => [], 'expect' => '5 V']]],
            'tool.meter',
            true,
        ];
        yield 'look-alikes ask for a magnifier' => [
            ['R1,470 5%,Axial 1/4W,', 'R2,47k 5%,Axial 1/4W,'],
            [],
            'tool.magnifier',
            true,
        ];
        yield 'a trimmer asks for a trimming tool' => [['RV1,10k,trimmer 10mm,trimmer'], [], 'tool.trimming', true];
        yield 'a wire asks for a stripper' => [
            ['R1,10k,Axial 1/4W,'],
            ['wires' => [['name' => 'W1', 'from' => 'a', 'to' => 'b']]],
            'tool.stripper',
            true,
        ];
    }

    /**
     * @param list<string> $rows
     * @param array<string, mixed> $json
     */
    #[DataProvider('tools')]
    public function test_tools_follow_from_the_kit(array $rows, array $json, string $tool, bool $asked): void
    {
        self::assertSame(
            $asked,
            in_array($tool, self::codes(self::manual(KitMaker::kit($rows, [], $json))->tools), true),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function traits(): iterable
    {
        yield 'mains' => ['mains', 'caution.mains'];
        yield 'stored charge' => ['stored-charge', 'caution.charge'];
        yield 'coin cell' => ['coin-cell', 'caution.coin-cell'];
        yield 'small magnets' => ['small-magnets', 'caution.magnets'];
        yield 'strong field' => ['strong-field', 'caution.field'];
        yield 'radio' => ['radio', 'caution.radio'];
        yield 'laser' => ['laser', 'caution.light'];
        yield 'glue' => ['glue', 'caution.glue'];
        yield 'drilling' => ['drilling', 'caution.drilling'];
        yield 'hot' => ['hot', 'caution.hot'];
    }

    #[DataProvider('traits')]
    public function test_a_hazard_the_maker_declares_has_its_caution_in_front(string $trait, string $caution): void
    {
        $codes = self::codes(self::manual(KitMaker::kit(['R1,10k,Axial 1/4W,'], [], ['traits' => [$trait]]))->cautions);
        self::assertContains($caution, $codes);
        self::assertContains('caution.iron', $codes);
        self::assertContains('caution.small-parts', $codes);
    }

    public function test_wires_go_through_their_grommet_before_an_end_is_fixed(): void
    {
        $rows = [
            'R1,1k,Axial 1/4W,',
            'J1,2 way,5.08,screw terminal block',
            'BOX1,plain,,enclosure',
            ',grommet 6 mm,,grommet',
        ];
        $wires = [['name' => 'W1', 'from' => 'J1.1', 'to' => 'R1.1', 'mm' => 80, 'colour' => 'red']];
        $told = static fn(array $rows): array => array_merge(
            ...array_map(
                static fn(ManualStep $step): array => self::codes($step->tips),
                self::manual(KitMaker::kit($rows, [], ['wires' => $wires]))->steps,
            ),
        );

        self::assertContains('tip.grommet', $told($rows));
        self::assertNotContains('tip.grommet', $told(array_slice($rows, 0, 3)));
        self::assertContains('tip.wire-screw', $told($rows));
    }

    private static function manual(Kit $kit): Manual
    {
        $order = KitMaker::order($kit);

        return (new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order));
    }

    /**
     * @param list<Reason> $reasons
     * @return list<string>
     */
    private static function codes(array $reasons): array
    {
        return array_map(static fn(Reason $reason): string => $reason->code, $reasons);
    }

    /** @return list<array<string, list<string>>> */
    private static function sortedRemaining(Manual $manual): array
    {
        return array_map(static fn($step): array => $step->table->remaining, $manual->steps);
    }
}
