<?php

declare(strict_types=1);

namespace Chiralex\Tests\Manual;

use Chiralex\Kit\Hole;
use Chiralex\Kit\Kit;
use Chiralex\Manual\Blocks;
use Chiralex\Manual\DrillPlan;
use Chiralex\Reason\Matter;
use Chiralex\Review\Reviewer;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\TestCase;

/** Holes of panels and cases, and the blocks a circuit is told by; sizes of holes are common practice. */
final class DrillPlanTest extends TestCase
{
    private const PANEL = ['groups' => ['panels' => [['by' => 'PANEL1', 'parts' => ['RV1', 'SW1']]]]];
    private const BOM = [
        'RV1,10k,potentiometer 16mm,potentiometer',
        'SW1,toggle,block-10x8x9,switch',
        'PANEL1,front,,panel',
    ];

    public function test_a_panel_takes_its_holes_from_the_bodies_behind_it_about_the_centre_of_the_board(): void
    {
        $kit = KitMaker::kit(self::BOM, ['RV1,50,30,0,top', 'SW1,20,40,0,top'], self::PANEL);
        $face = DrillPlan::of($kit)[0];

        self::assertSame(['PANEL1', 80.0, 60.0], [$face->by, $face->width, $face->height]);
        self::assertSame(
            [['RV1', 10.0, 0.0, 7.0], ['SW1', -20.0, 10.0, 6.2]],
            array_map(static fn(Hole $hole): array => [$hole->for, $hole->x, $hole->y, $hole->diameter], $face->holes),
        );
        self::assertSame('drill.potentiometer', DrillPlan::stack($face->holes[0], $kit)->code);
    }

    public function test_behind_a_panel_on_the_back_left_and_right_change(): void
    {
        $face = DrillPlan::of(KitMaker::kit(self::BOM, ['RV1,50,30,0,bottom', 'SW1,20,40,0,bottom'], self::PANEL))[0];

        self::assertSame([-10.0, 20.0], array_map(static fn(Hole $hole): float => $hole->x, $face->holes));
    }

    public function test_a_hole_without_a_size_over_the_edge_or_in_another_is_a_matter(): void
    {
        $kit = static fn(array $holes): Kit => KitMaker::kit(
            ['BOX1,case,,enclosure', 'LED1,red,LED 5mm,LED'],
            [],
            ['drilling' => [['by' => 'BOX1', 'face' => 'lid', 'size' => [100, 60], 'holes' => $holes]]],
        );

        self::assertSame(
            [],
            self::codes(
                $kit([['for' => 'LED1', 'at' => [0, 0]], ['for' => 'cable', 'at' => [30, 0], 'diameter' => 6]]),
            ),
        );
        self::assertSame(['manual.hole-size'], self::codes($kit([['for' => 'cable', 'at' => [0, 0]]])));
        self::assertSame(
            ['manual.hole-outside'],
            self::codes($kit([['for' => 'cable', 'at' => [48, 0], 'diameter' => 6]])),
        );
        self::assertSame(
            ['manual.holes-meet'],
            self::codes(
                $kit([
                    ['for' => 'a', 'at' => [0, 0], 'diameter' => 6],
                    ['for' => 'b', 'at' => [5, 0], 'diameter' => 6],
                ]),
            ),
        );
    }

    public function test_a_stack_the_maker_names_comes_first(): void
    {
        $kit = KitMaker::kit(
            ['BOX1,case,,enclosure'],
            [],
            [
                'drilling' => [
                    [
                        'by' => 'BOX1',
                        'size' => [10, 10],
                        'holes' => [
                            [
                                'for' => 'jack',
                                'at' => [0, 0],
                                'diameter' => 3,
                                'stack' => ['outer insulator', 'panel', 'inner insulator', 'tag', 'nut'],
                            ],
                        ],
                    ],
                ],
            ],
        );

        self::assertSame(
            ['outer insulator', 'panel', 'inner insulator', 'tag', 'nut'],
            DrillPlan::stack(DrillPlan::of($kit)[0]->holes[0], $kit)->args['items'],
        );
    }

    public function test_a_block_knows_the_steps_that_build_it_and_the_tests_that_measure_it(): void
    {
        $kit = KitMaker::kit(
            ['R1,1k,,', 'R2,1k,,', 'C1,47u,6.3x11,', 'TP1,,1x1,pin header', 'TP2,,1x1,pin header'],
            [],
            [
                'groups' => ['block' => ['supply' => ['C1', 'R1', 'R9'], 'rest' => ['R2']]],
                'gates' => [['name' => 'power', 'needs' => ['C1', 'R1']]],
                'tests' => [
                    ['name' => 'rail', 'gate' => 'power', 'points' => ['TP1', 'TP2'], 'expect' => '5 V'],
                    ['name' => 'half', 'gate' => 'power', 'points' => ['TP1'], 'expect' => 'divider(5 V, R1, R2)'],
                ],
            ],
        );
        [$supply, $rest] = Blocks::of($kit, KitMaker::order($kit));

        self::assertSame(['C1', 'R1'], $supply->parts, 'R9 is not in the kit');
        self::assertCount(2, $supply->steps);
        self::assertSame(['rail', 'half'], array_map(static fn($test): string => $test->name, $supply->tests));
        self::assertSame(['half'], array_map(static fn($test): string => $test->name, $rest->tests));
    }

    /** @return list<string> codes about holes */
    private static function codes(Kit $kit): array
    {
        return array_values(
            array_filter(
                array_map(
                    static fn(Matter $matter): string => $matter->code,
                    (new Reviewer())->matters($kit, KitMaker::order($kit)),
                ),
                static fn(string $code): bool => str_contains($code, 'hole'),
            ),
        );
    }
}
