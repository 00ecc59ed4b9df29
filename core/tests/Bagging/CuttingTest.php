<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Cutting\BarPattern;
use Chiralex\Bagging\Cutting\CuttingPlan;
use Chiralex\Bagging\Cutting\CuttingPlanner;
use Chiralex\Bagging\Internal\BarProblem;
use Chiralex\Bagging\Internal\BarSolver;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Winding;
use Chiralex\Reason\Reason;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Bars and reels cut for N kits; the Tide Lamp's figures are worked out by hand in the project's example `cut`. */
final class CuttingTest extends TestCase
{
    private const LAMP = [
        '"J1,J2,J3",1x4,socket strip,socket strip',
        '"J4,J5",1x7,socket strip,socket strip',
        '"LED1,LED2",amber,LED 5mm,LED',
        'SW1,push,Tact 6x6,button',
    ];
    private const STOCK = [
        ['name' => 'strip', 'kind' => 'socket-strip', 'length' => 30, 'unit' => 'position', 'loss' => 1],
        ['name' => 'red wire', 'colour' => 'red', 'length' => 500],
        ['name' => 'sleeve', 'length' => 100, 'unit' => 'mm', 'loss' => 1],
    ];
    private const WIRES = [
        ['name' => 'W1', 'from' => 'J1.1', 'to' => 'SW1.1', 'mm' => 160, 'colour' => 'red'],
        ['name' => 'W2', 'from' => 'J1.2', 'to' => 'SW1.2', 'mm' => 170, 'colour' => 'Red'],
    ];

    public function test_bars_are_used_up_where_longest_first_would_take_one_too_many(): void
    {
        $plan = self::plan([
            'stock' => self::STOCK,
            'wires' => self::WIRES,
            'cuts' => [['stock' => 'sleeve', 'of' => ['LED1', 'LED2'], 'length' => 12]],
        ]);

        self::assertSame(
            [
                ['strip', 3, 3, ['3x 7 7 4 4 4 left 0'], []],
                ['red wire', 2, 2, ['1x 170 170 160 left 0', '1x 170 160 160 left 10'], []],
                ['sleeve', 1, 1, ['1x 12 12 12 12 12 12 left 22'], [['length' => 22.0, 'count' => 1]]],
            ],
            self::told($plan),
        );
        self::assertSame([[], []], [$plan->faults, $plan->unlisted]);
    }

    /** @return iterable<string, array{float, int, int}> */
    public static function lastPieces(): iterable
    {
        yield 'three pieces and two cuts end flush' => [10.0, 1, 3];
        yield 'a hair longer and the third goes onto another bar' => [10.001, 2, 2];
    }

    #[DataProvider('lastPieces')]
    public function test_the_last_piece_may_end_flush(float $length, int $bars, int $onFirst): void
    {
        $cut = self::plan(
            [
                'stock' => [['name' => 'bar', 'length' => 32, 'loss' => 1]],
                'cuts' => [['stock' => 'bar', 'of' => ['a', 'b', 'c'], 'length' => $length]],
            ],
            1,
        )->stocks[0];

        self::assertSame([$bars, $onFirst], [$cut->bars, count($cut->patterns[0]->pieces)]);
    }

    public function test_what_has_no_stock_and_what_is_too_long_is_named_and_the_rest_is_cut(): void
    {
        $plan = self::plan(
            [
                'stock' => [['name' => 'strip', 'kind' => 'socket-strip', 'length' => 6, 'unit' => 'position']],
                'wires' => self::WIRES,
                'cuts' => [['stock' => 'hose', 'of' => ['LED1'], 'length' => 5]],
            ],
            1,
        );

        self::assertSame(
            ['cut.too-long J4', 'cut.too-long J5', 'cut.no-stock LED1'],
            array_map(static fn(Reason $fault): string => "{$fault->code} {$fault->args['name']}", $plan->faults),
        );
        self::assertSame(['W1', 'W2'], $plan->unlisted);
        self::assertSame([['strip', 3, 3, ['3x 4 left 2'], []]], self::told($plan));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function impossible(): iterable
    {
        yield 'a bar of no length' => [['stock' => [['name' => 'a', 'length' => 0]]], 'stock[0].length'];
        yield 'a loss below nought' => [['stock' => [['name' => 'a', 'length' => 5, 'loss' => -1]]], 'stock[0].loss'];
        $nothing = ['stock' => 'a', 'of' => ['b'], 'length' => 0];
        yield 'a piece of no length' => [['cuts' => [$nothing]], 'cuts[0].length'];
        yield 'a bar whose length is not said' => [['stock' => [['name' => 'a']]], 'stock'];
        yield 'a coil without turns' => [['windings' => [['part' => 'L1', 'former' => 5]]], 'windings'];
        yield 'a unit that is none' => [
            ['stock' => [['name' => 'a', 'length' => 5, 'unit' => 'foot']]],
            'stock[0].unit',
        ];
    }

    /** @param array<string, mixed> $json */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_refused_with_its_path(array $json, string $path): void
    {
        $this->expectException(UnusableKit::class);
        $this->expectExceptionMessage($path);

        self::plan($json);
    }

    public function test_a_turn_is_one_round_of_a_helix_about_the_middle_of_the_wire(): void
    {
        self::assertEqualsWithDelta(
            904.557,
            (new Winding('L1', 32.0, 8.0, 0.4, 0.4, [25.0, 35.0]))->length(),
            0.0005,
            '32 x sqrt((pi x 8.4)^2 + 0.4^2) + 60',
        );
    }

    public function test_every_piece_is_cut_once_and_no_bar_holds_more_than_it_can(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($round = 0; $round < 60; ++$round) {
            $room = $random->getInt(20, 3000);
            $sizes = [];
            for ($kind = $random->getInt(1, 12); $kind > 0; --$kind) {
                $sizes[$random->getInt(max(1, intdiv($room, 40)), $room)] = $random->getInt(1, 90);
            }
            $problem = BarProblem::of($room, array_keys($sizes), array_values($sizes));
            ['bars' => $bars, 'bound' => $bound] = (new BarSolver())->solve($problem);
            $cut = array_fill(0, count($problem->sizes), 0);
            foreach ($bars as $bar) {
                $used = 0;
                foreach ($bar as $size => $pieces) {
                    $used += $pieces * $problem->sizes[$size];
                    $cut[$size] += $pieces;
                }
                self::assertLessThanOrEqual($problem->room, $used, "round {$round}");
            }
            self::assertSame($problem->counts, $cut, "round {$round}");
            self::assertLessThanOrEqual(count($bars), $bound, "round {$round}");
            self::assertGreaterThanOrEqual($problem->byRoom(), $bound, "round {$round}");
        }
    }

    public function test_where_every_whole_answer_takes_one_bar_more_than_the_relaxed_one_it_is_proved_by_looking(): void
    {
        // 6 and 10 and 15 fit 30 in whole multiples only: each alone fills its bars, mixed they never do.
        $problem = BarProblem::of(30, [15, 10, 6], [1, 2, 4]);
        ['bars' => $bars, 'bound' => $bound] = (new BarSolver())->solve($problem);

        self::assertSame(2, $problem->byRoom());
        self::assertSame([3, 3], [count($bars), $bound]);
    }

    /**
     * @param array<string, mixed> $json
     */
    private static function plan(array $json, int $kits = 3): CuttingPlan
    {
        return (new CuttingPlanner())->plan(KitMaker::kit(self::LAMP, [], $json), $kits);
    }

    /** @return list<array{string, int, int, list<string>, list<array{length: float, count: int}>}> */
    private static function told(CuttingPlan $plan): array
    {
        return array_map(
            static fn($cuts): array => [
                $cuts->stock->name,
                $cuts->bars,
                $cuts->bound,
                array_map(
                    static fn(BarPattern $each): string => sprintf(
                        '%dx %s left %s',
                        $each->times,
                        implode(' ', $each->pieces),
                        $each->waste,
                    ),
                    $cuts->patterns,
                ),
                $cuts->offcuts,
            ],
            $plan->stocks,
        );
    }
}
