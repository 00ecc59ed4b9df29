<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\KitCallouts;
use Chiralex\Build\Reachability;
use Chiralex\Build\Reachable;
use Chiralex\Build\StepPart;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\OrderOverride;
use Chiralex\Polarity\Callout;
use Chiralex\Reason\Reason;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a step says of its parts: why, how held, from where reached, which way round; and what a whole order scores. */
final class StepPartsTest extends TestCase
{
    /** @return iterable<string, array{float, bool}> */
    public static function spreads(): iterable
    {
        yield 'a millimetre higher' => [3.0, true];
        yield 'more than that' => [3.1, false];
        yield 'a millimetre lower' => [1.0, true];
        yield 'still lower' => [0.9, false];
    }

    #[DataProvider('spreads')]
    public function test_look_alikes_that_could_have_been_in_one_step_are_told_apart(float $height, bool $told): void
    {
        $part = self::part(
            KitMaker::kit(
                ['D1,1N4148,DO-35,', 'ZD1,5V1,DO-35,Zener diode'],
                [],
                ['lines' => ['D1' => ['height' => 2.0], 'ZD1' => ['height' => $height]]],
            ),
            'D1',
        );

        self::assertSame($told ? ['designators' => ['ZD1']] : null, self::reason($part, 'order.apart')?->args);
    }

    public function test_of_many_look_alikes_the_first_twenty_four_are_named_and_the_rest_counted(): void
    {
        $kit = static fn(int $count): Kit => KitMaker::kit([
            'D1,1N4148,DO-35,',
            ...array_map(static fn(int $i): string => "ZD{$i},5V1,DO-35,Zener diode", range(1, $count)),
        ]);
        $few = self::reason(self::part($kit(24), 'D1'), 'order.apart');
        $many = self::reason(self::part($kit(25), 'D1'), 'order.apart');

        self::assertSame([24, false], [count((array) $few?->args['designators']), isset($few?->args['more'])]);
        self::assertSame([24, 1], [count((array) $many?->args['designators']), $many?->args['more']]);
    }

    public function test_a_part_that_hangs_says_how_much_of_its_lead_shows(): void
    {
        // The relay is the highest: a terminal block of 10 mm hangs 5.5 mm off the table, straight as the board lies on three relays.
        $kit = KitMaker::kit(
            [
                'K1,5 V,10x10x15.5,relay',
                'K2,5 V,10x10x15.5,relay',
                'K3,5 V,10x10x15.5,relay',
                'J1,2 way,5.08,terminal block',
            ],
            ['K1,10,10,0,top', 'K2,70,10,0,top', 'K3,40,50,0,top', 'J1,40,25,0,top'],
            ['lines' => ['J1' => ['height' => 10.0, 'leadLength' => 3.5]]],
        );
        $part = self::part($kit->withOrderOverrides([new OrderOverride(['J1'], ['K1', 'K2', 'K3'], false)]), 'J1');
        $showing = self::reason($part, 'lead.showing');

        self::assertSame(5.5, round((float) $part->gap, 2));
        self::assertSame(
            ['mm' => -3.6, 'lead' => 3.5, 'thickness' => 1.6, 'gap' => 5.5, 'needed' => 0.5],
            $showing?->args,
        );
        self::assertSame('5.5', self::reason($part, "hold.{$part->hold->value}")?->args['gap']);
    }

    public function test_a_gap_is_told_to_a_hundredth_of_a_millimetre(): void
    {
        // The board lies level on three relays of 15.5678 mm: what is 10 mm high hangs 5.5678 mm over the table.
        $kit = KitMaker::kit(
            [
                'K1,5 V,10x10x15.5678,relay',
                'K2,5 V,10x10x15.5678,relay',
                'K3,5 V,10x10x15.5678,relay',
                'J1,2 way,5.08,terminal block',
            ],
            ['K1,10,10,0,top', 'K2,70,10,0,top', 'K3,40,50,0,top', 'J1,40,25,0,top'],
            ['lines' => ['J1' => ['height' => 10.0, 'leadLength' => 3.5]]],
        );
        $part = self::part($kit->withOrderOverrides([new OrderOverride(['J1'], ['K1', 'K2', 'K3'], false)]), 'J1');
        $showing = self::reason($part, 'lead.showing')->args ?? [];

        self::assertSame('5.57', self::reason($part, "hold.{$part->hold->value}")?->args['gap']);
        self::assertSame([5.57, -3.67], [$showing['gap'] ?? null, $showing['mm'] ?? null]);
    }

    public function test_the_height_and_its_source_are_told_to_a_micrometre(): void
    {
        $kit = KitMaker::kit(['R1,1k,Axial 1/4W,'], [], ['lines' => ['R1' => ['height' => 2.12345]]]);

        self::assertSame(2.123, self::reason(self::part($kit, 'R1'), 'height')?->args['mm']);
    }

    /** @return iterable<string, array{array<string, mixed>, ?list<string>, list<array{string, string, float, bool, bool}>}> settings, fitted, need, side, reach, fits, free all round */
    public static function reaches(): iterable
    {
        $half = hypot(8.0, 8.0) / 2;
        yield 'from the back' => [
            [],
            null,
            [['iron', 'bottom', 6.0, true, false], ['fingers', 'top', $half + 8.0, true, false]],
        ];
        yield 'from the back, nothing else fitted' => [
            [],
            ['K1'],
            [['iron', 'bottom', 6.0, true, true], ['fingers', 'top', $half + 8.0, true, true]],
        ];
        yield 'from the front' => [
            ['solderFrom' => 'front'],
            null,
            [['iron', 'top', 6.0, true, false], ['fingers', 'top', $half + 8.0, true, false]],
        ];
    }

    /**
     * @param array<string, mixed> $settings
     * @param ?list<string> $fitted
     * @param list<array{string, string, float, bool, bool}> $expected
     */
    #[DataProvider('reaches')]
    public function test_a_part_is_reached_past_what_is_fitted(array $settings, ?array $fitted, array $expected): void
    {
        $kit = KitMaker::kit(
            ['K1,5 V,8x8x10,relay', 'C1,100u,10x16,', 'C2,100u,10x16,'],
            ['K1,30,30,0,top', 'C1,44,30,0,top', 'C2,30,50,0,bottom'],
            ['settings' => $settings],
        );

        self::assertEqualsWithDelta(
            $expected,
            array_map(
                static fn(Reachable $way): array => [
                    $way->need,
                    $way->side->value,
                    $way->reach,
                    $way->fits,
                    $way->isFreeAllRound(),
                ],
                (new Reachability($kit))->of('K1', $fitted),
            ),
            1e-9,
        );
    }

    public function test_a_part_without_a_place_is_reached_from_nowhere(): void
    {
        $kit = KitMaker::kit(['K1,5 V,8x8x10,relay', 'R1,1k,Axial 1/4W,'], ['R1,30,30,0,top']);

        self::assertSame([], (new Reachability($kit))->of('K1'));
        self::assertSame([], (new Reachability($kit))->of('none'));
        self::assertSame(
            ['iron'],
            array_column((new Reachability($kit))->of('R1'), 'need'),
            'wires are bent, not held',
        );
    }

    public function test_callouts_come_in_step_order_and_point_to_what_stands_there_by_then(): void
    {
        $board = [[0, 0], [80, 0], [80, 60], [0, 60]];
        $kit = KitMaker::kit(
            [
                'D1,1N4148,DO-35,',
                'C1,100u,6.3x11,',
                'R1,1k,Axial 1/4W,',
                'D2,1N4148,DO-35,',
                'C9,100u,10x16,',
                'D9,1N4148,DO-35,',
                'D3,1N4148,DO-35,',
            ],
            [],
            [
                'boards' => [
                    ['name' => 'main', 'outline' => $board, 'squarePad' => ['diode' => 'K']],
                    ['name' => 'lamps', 'outline' => $board, 'reading' => 180],
                ],
                'lines' => [
                    'D9' => ['supply' => 'not-fitted'],
                    'C9' => ['supply' => 'factory'],
                    'D3' => ['legend' => 'nothing'],
                ],
            ],
            "Ref,X,Y,Rotation,Side,Board\nD1,40,30,0,top,main\nR1,36,30,0,top,main\nC1,60,30,180,top,main\nC9,20,40,0,top,lamps\nD2,40,40,0,top,lamps\nD9,60,50,0,top,main\n",
        );
        $callouts = (new KitCallouts())->callouts($kit, KitMaker::order($kit));
        $by = array_column(array_map(static fn(Callout $each): array => [$each->designator, $each], $callouts), 1, 0);

        self::assertSame(['D2', 'D1', 'D3', 'C1'], array_slice(array_keys($by), 0, 4));
        self::assertArrayNotHasKey('D9', $by, 'not fitted');
        self::assertSame('left edge', $by['D1']->pointing->landmark, 'the resistor is not there yet');
        self::assertSame('R1', $by['C1']->pointing->landmark, 'the larger of two near ones');
        self::assertSame(
            [270.0, 90.0],
            [$by['D1']->pointing->bearing, $by['D2']->pointing->bearing],
            'a board is read turned',
        );
        self::assertNull($by['D3']->pointing->landmark, 'no place, no landmark');
        self::assertNull($by['D3']->print->mark ?? null);
    }

    /** @return iterable<string, array{list<OrderOverride>, int, int}> overrides, inversions, turns of the board */
    public static function orders(): iterable
    {
        yield 'as planned' => [[], 0, 1];
        yield 'a low part after the IC' => [[new OrderOverride(['R1'], ['C1'], false)], 1, 1];
        yield 'to and fro' => [[new OrderOverride(['R2'], ['R1'], false)], 0, 2];
    }

    /** @param list<OrderOverride> $overrides */
    #[DataProvider('orders')]
    public function test_a_whole_order_counts_its_inversions_and_turns(
        array $overrides,
        int $inversions,
        int $flips,
    ): void {
        $kit = KitMaker::kit(
            ['R1,1k,Axial 1/4W,', 'C1,47u,5x11,', 'R2,1k,Axial 1/4W,'],
            ['R1,10,30,0,top', 'C1,30,30,0,top', 'R2,50,30,0,bottom'],
        );
        $score = KitMaker::order($kit->withOrderOverrides($overrides))->score;

        self::assertSame([$inversions, $flips], [$score->inversions, $score->flips]);
    }

    public function test_an_ic_put_in_early_inverts_what_is_lower_and_comes_later_where_nothing_asks_for_it(): void
    {
        $kit = static fn(array $before): Kit => KitMaker::kit(
            ['XU1,8 way,DIP-8,IC socket', 'U1,LM393,DIP-8,IC', 'R1,1k,Axial 1/4W,', 'C1,47u,5x11,'],
            ['XU1,40,30,0,top', 'R1,10,30,0,top', 'C1,20,50,0,top'],
            [
                'groups' => ['sockets' => [['XU1', 'U1']], 'before' => $before],
                'gates' => [['name' => 'supply', 'needs' => ['U1'], 'protects' => []]],
            ],
        )->withOrderOverrides([new OrderOverride(['R1', 'C1'], ['XU1'], false)]);
        $order = KitMaker::order($kit([]));
        $words = KitMaker::words($order);

        self::assertLessThan(array_search('solder C1 R1', $words, true) ?: 99, array_search('insert U1', $words, true));
        self::assertSame(2, $order->score->inversions, 'the socket and its IC, both over the resistor');
        self::assertSame(count($order->steps), $order->score->steps);
        self::assertSame(0, KitMaker::order($kit([['U1', 'R1']]))->score->inversions, 'the maker wants it so');
    }

    public function test_logged_steps_of_other_work_move_the_estimate_by_a_third_at_first(): void
    {
        $minutes = static function (string $log): float {
            $kit = (new KitReader())->read(
                KitMaker::files(
                    ['R1,1k,Axial 1/4W,'],
                    [],
                    ['gates' => [['name' => 'supply', 'needs' => ['R1'], 'protects' => []]]],
                ) + ($log === '' ? [] : ['pilot.csv' => "build,step,minutes\n{$log}"]),
            );

            return KitMaker::order($kit)->steps[1]->work->minutes;
        };

        // 2.1 minutes of a beginner, 1.155 of a practised builder; logged at twice that: (2 + 2) / (2 + 1) of it.
        self::assertSame(
            [2.1, 2.8, 3.2],
            [$minutes(''), $minutes("1,gate:supply,2.311\n"), $minutes("1,gate:supply,2.311\n2,gate:supply,2.311\n")],
        );
        self::assertSame(2.1, $minutes("1,gate:supply,0\n"), 'no time at all says nothing');
    }

    private static function part(Kit $kit, string $name): StepPart
    {
        foreach (KitMaker::order($kit)->steps as $step) {
            foreach ($step->parts as $part) {
                if ($part->designator === $name) {
                    return $part;
                }
            }
        }
        self::fail("no step has {$name}");
    }

    private static function reason(StepPart $part, string $code): ?Reason
    {
        foreach ($part->reasons as $reason) {
            if ($reason->code === $code) {
                return $reason;
            }
        }

        return null;
    }
}
