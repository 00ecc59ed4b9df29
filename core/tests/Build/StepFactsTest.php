<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Planner;
use Chiralex\Build\Step;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Reason\Matter;
use Chiralex\Reason\Problem;
use Chiralex\Review\Reviewer;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\TestCase;

/** The clock with long waits, solder and iron, the prop, and times from pilot builds. */
final class StepFactsTest extends TestCase
{
    public function test_a_long_wait_starts_early_and_the_clock_tells_what_is_done_meanwhile(): void
    {
        $kit = KitMaker::kit(
            [
                'L1,10uH,Axial 1/2W,coil',
                'R1,1k,Axial 1/4W,',
                'R2,2k2,Axial 1/4W,',
                'C1,100u,6.3x11,',
                'X1,varnish,,varnish',
            ],
            [],
            [
                'groups' => [
                    'cures' => [
                        [
                            'name' => 'varnish',
                            'of' => ['L1'],
                            'when' => 'before-fitting',
                            'hours' => 12,
                            'blocks' => ['L1'],
                        ],
                    ],
                ],
            ],
        );
        $order = KitMaker::order($kit);
        $clock = $order->clock;
        self::assertNotNull($clock);
        [$wait] = $clock->waits;
        $handsOn = array_sum(array_map(static fn(Step $step): float => $step->work->minutes, $order->steps));

        self::assertSame([1, 'varnish', 12.0], [$wait->step, $wait->name, $wait->hours]);
        self::assertContains('L1', $order->steps[(int) $wait->until - 1]->names());
        self::assertEqualsWithDelta($handsOn, $clock->handsOn, 0.05);
        self::assertEqualsWithDelta(720.0, $wait->meanwhile + $wait->idle, 0.2);
        self::assertEqualsWithDelta($handsOn + $wait->idle, $clock->elapsed, 0.2);
    }

    public function test_a_cure_that_nothing_waits_for_ends_the_clock(): void
    {
        $kit = KitMaker::kit(
            ['R1,1k,Axial 1/4W,', 'X1,glue,,glue'],
            [],
            [
                'groups' => [
                    'cures' => [
                        ['name' => 'glue', 'of' => ['R1'], 'when' => 'after-fitting', 'hours' => 2, 'blocks' => []],
                    ],
                ],
            ],
        );
        $clock = KitMaker::order($kit)->clock;

        self::assertNull($clock?->waits[0]->until);
        self::assertEqualsWithDelta($clock->handsOn + 120.0, $clock->elapsed, 0.2);
    }

    public function test_without_waits_both_times_are_one(): void
    {
        $clock = KitMaker::order(KitMaker::kit(['R1,1k,Axial 1/4W,']))->clock;

        self::assertSame([[], true], [$clock?->waits, $clock?->handsOn === $clock?->elapsed]);
    }

    public function test_solder_follows_the_geometry_of_the_joint(): void
    {
        // Recomputed: lead 0.6, hole 0.9, ring 1.7 mm, fillet 1 mm high, board 1.6 mm, wire 0.8 mm of which 85 % is metal.
        $cone = (M_PI / 3) * (0.85 ** 2 + 0.85 * 0.3 + 0.3 ** 2) - (M_PI / 4) * 0.6 ** 2;
        $barrel = (M_PI / 4) * (0.9 ** 2 - 0.6 ** 2) * 1.6;
        $wire = (M_PI / 4) * 0.8 ** 2 * 0.85;
        $board = static fn(bool $plated): array => [
            'board' => ['outline' => [[0, 0], [80, 0], [80, 60], [0, 60]], 'plated' => $plated],
        ];
        $solder = static fn(Kit $kit): float => KitMaker::order($kit)->steps[0]->work->soldering->solder;

        self::assertEqualsWithDelta(
            (2 * ($cone + $barrel)) / $wire,
            $solder(KitMaker::kit(['R1,1k,Axial 1/4W,'], ['R1,40,30,0,top'], $board(true))),
            0.051,
        );
        self::assertEqualsWithDelta(
            (2 * $cone) / $wire,
            $solder(KitMaker::kit(['R1,1k,Axial 1/4W,'], ['R1,40,30,0,top'], $board(false))),
            0.051,
        );
    }

    public function test_the_iron_is_set_by_alloy_and_by_the_heat_a_joint_draws(): void
    {
        $iron = static fn(string $row, string $alloy): ?int => KitMaker::order(
            KitMaker::kit([$row], [], ['settings' => ['alloy' => $alloy]]),
        )->steps[0]->work->soldering->iron;

        // Common practice, no source: leaded 330 to 340 degrees, lead-free from 350.
        self::assertSame(
            [330, 340, 350, 380],
            [
                $iron('R1,1k,Axial 1/4W,', 'leaded'),
                $iron('J1,2 way,5.08,terminal block', 'leaded'),
                $iron('R1,1k,Axial 1/4W,', 'lead-free'),
                $iron('J1,2 way,5.08,terminal block', 'lead-free'),
            ],
        );
    }

    public function test_a_board_that_lies_too_steep_gets_a_prop_under_its_low_edge(): void
    {
        $order = KitMaker::order(KitMaker::kit(['K1,5 V,19x15.5x15.5,relay'], ['K1,70,30,0,top']));
        $prop = $order->steps[0]->work->prop;

        self::assertSame(['left', 15.5], [$prop?->edge, $prop?->height]);
        self::assertEqualsWithDelta([0.0, 30.0], [$prop?->at->x, $prop?->at->y], 1e-9);
        self::assertNull(
            KitMaker::order(KitMaker::kit(['R1,1k,Axial 1/4W,'], ['R1,40,30,0,top']))->steps[0]->work->prop,
            'a resistor tilts it too little',
        );
        self::assertNull(
            KitMaker::order(
                KitMaker::kit(
                    ['K1,5 V,19x15.5x15.5,relay'],
                    ['K1,70,30,0,top'],
                    ['settings' => ['workholding' => 'holder']],
                ),
            )->steps[0]->work->prop,
        );
    }

    public function test_a_kit_asks_for_blocks_of_one_height_only_and_bent_leads_for_none(): void
    {
        $kit = KitMaker::kit(
            ['C1,100u,10x16,electrolytic', 'K1,5 V,19x15.5x15.5,relay', 'DS1,4 digits,30x10x18.5,display'],
            ['C1,75,30,0,top', 'K1,70,30,0,top', 'DS1,8,30,90,top'],
            ['settings' => ['group' => 1]],
        );
        $work = [];
        foreach (KitMaker::order($kit)->steps as $step) {
            $work[$step->names()[0] ?? ''] = [$step->work->prop?->height, $step->work->isAskew];
        }

        // The can is splayed, whatever the tilt; the display would need a second block: it goes into a holder.
        self::assertSame([null, false], $work['C1'] ?? null);
        self::assertSame([15.5, false], $work['K1'] ?? null);
        $heights = array_values(array_unique(array_filter(array_column($work, 0))));
        self::assertCount(1, $heights);
    }

    public function test_logged_times_move_the_estimate_of_their_kind_and_little_while_they_are_few(): void
    {
        $rows = array_map(static fn(int $i): string => "R{$i},1k,Axial 1/4W,", range(1, 20));
        $minutes = static fn(string $log): array => self::minutes($rows, $log);
        $usual = $minutes('');
        // A practised builder takes 0.55 of the beginner's 1.4 minutes a resistor; logged at twice that.
        $one = $minutes("build,step,minutes\n1,\"solder:R1\"," . 2 * 0.77 . "\n");
        $many = $minutes(
            "build,step,minutes\n" .
                implode('', array_map(static fn(int $i): string => "1,solder:R{$i}," . 2 * 0.77 . "\n", range(1, 20))),
        );

        self::assertEqualsWithDelta(($usual['solder'] * (8 + 2)) / 9, $one['solder'], 0.3);
        self::assertEqualsWithDelta(($usual['solder'] * (8 + 40)) / 28, $many['solder'], 0.3);
        self::assertSame(['time.usual', 'time.pilot'], [$usual['source'], $one['source']]);
    }

    public function test_a_snag_is_a_matter_at_the_step_that_holds_its_parts_until_it_is_settled(): void
    {
        $kit = self::piloted(
            ['R1,1k,Axial 1/4W,', 'C1,100u,6.3x11,'],
            "build,step,minutes,snag,settled\n1,\"snag solder:C1\",,the can touches R1,\n1,solder:R1,1.5,leads too short,yes\n1,solder:C1,abc,,\n",
        );
        $snags = array_values(
            array_filter(
                (new Reviewer())->matters($kit, (new Planner())->plan($kit)),
                static fn(Matter $matter): bool => $matter->code === 'order.snag',
            ),
        );

        self::assertCount(1, $snags);
        self::assertSame(['the can touches R1', ['C1']], [$snags[0]->args['text'], $snags[0]->designators]);
        self::assertSame(
            (string) (1 +
                (int) array_search(
                    ['C1'],
                    array_map(static fn(Step $step): array => $step->names(), KitMaker::order($kit)->steps),
                    true,
                )),
            $snags[0]->args['step'],
        );
        self::assertSame(
            [4],
            array_values(
                array_map(
                    static fn(Problem $problem): ?int => $problem->row,
                    array_filter(
                        $kit->findings->problems,
                        static fn(Problem $problem): bool => $problem->code === 'pilot.minutes',
                    ),
                ),
            ),
        );
    }

    /**
     * @param list<string> $rows
     * @return array{solder: float, source: string}
     */
    private static function minutes(array $rows, string $log): array
    {
        $steps = KitMaker::order(self::piloted($rows, $log))->steps;

        return [
            'solder' => array_sum(array_map(static fn(Step $step): float => $step->work->minutes, $steps)),
            'source' => (string) $steps[0]->work->time?->code,
        ];
    }

    /** @param list<string> $rows */
    private static function piloted(array $rows, string $log): Kit
    {
        return (new KitReader())->read(KitMaker::files($rows) + ($log === '' ? [] : ['pilot.csv' => $log]));
    }
}
