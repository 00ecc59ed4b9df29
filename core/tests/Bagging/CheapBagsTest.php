<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Bag;
use Chiralex\Bagging\BagCosts;
use Chiralex\Bagging\BagItem;
use Chiralex\Bagging\BagPlan;
use Chiralex\Bagging\BagPlanner;
use Chiralex\Bagging\BagSize;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Sorting;
use Chiralex\Part\Sensitivity;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Bags by what they cost; the Gull Counter's figures are worked out by hand in the project's example `bags`. */
final class CheapBagsTest extends TestCase
{
    private const ROWS = [
        'R1,330 5%,Axial 1/4W,resistor',
        'R2,3k3 5%,Axial 1/4W,resistor',
        'R3,33k 5%,Axial 1/4W,resistor',
        'R4,1M 5%,Axial 1/4W,resistor',
        'D1,1N4148,DO-35,diode',
        'ZD1,5V1,DO-35,zener diode',
        'C1,47n,Ceramic disc 5mm,ceramic capacitor',
        'C2,100n,Ceramic disc 5mm,ceramic capacitor',
        'J1,2 way,TerminalBlock 5.08,terminal block',
        'U1,CD4026,DIP-16,counter ic',
        'U2,CD4017,DIP-16,counter ic',
        'T1,12 V,,transformer',
        ',M3x6,,screw',
    ];

    public function test_a_strip_for_two_items_pays_because_it_saves_a_bag(): void
    {
        $plan = self::plan(
            KitMaker::kit([
                '"R1,R2",330 5%,Axial 1/4W,resistor',
                'R3,3k3 5%,Axial 1/4W,resistor',
                'C1,47n,Ceramic disc 5mm,ceramic capacitor',
                'J1,2 way,TerminalBlock 5.08,terminal block',
                'U1,CD4026,DIP-16,counter ic',
            ]),
        );

        self::assertSame('0.54', (string) $plan->cost);
        self::assertSame(['C1 J1 R1*2 R3*', 'U1'], self::told($plan));
        self::assertSame([], $plan->conflicts);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function strips(): iterable
    {
        yield 'an item on the strip for less than half a bag: taped' => ['0.34', ['R1* R2*']];
        yield 'for more than half a bag: two bags' => ['0.36', ['R1', 'R2']];
    }

    /** @param list<string> $bags */
    #[DataProvider('strips')]
    public function test_two_look_alikes_are_taped_up_to_the_price_of_a_bag(string $stripMinutes, array $bags): void
    {
        $kit = KitMaker::kit(['R1,330 5%,Axial 1/4W,resistor', 'R2,3k3 5%,Axial 1/4W,resistor']);
        $planner = new BagPlanner(BagCosts::of('0.06', '0.5', $stripMinutes, '0.30'));

        self::assertSame($bags, self::told($planner->plan($kit, null, Sorting::ByCost)));
    }

    public function test_look_alikes_with_stiff_pins_cannot_be_taped_and_lie_apart(): void
    {
        $alike = ['lines' => ['SW1' => ['lookAlike' => ['SW2']]]];
        $plan = self::plan(KitMaker::kit(['SW1,reset,Tact 6x6,button', 'SW2,set,Tact 6x6,button'], [], $alike));

        self::assertSame(['SW1', 'SW2'], self::told($plan));
    }

    public function test_parts_for_a_test_lie_with_each_other_only(): void
    {
        $plan = self::plan(
            KitMaker::kit(
                ['R1,330,Axial 1/4W,resistor', 'R2,1M,Axial 1/4W,resistor', 'C1,47n,Ceramic disc 5mm,ceramic'],
                [],
                [
                    'tests' => [['name' => 'rail', 'points' => ['R1.1', 'R1.2'], 'expect' => '5 V']],
                    'lines' => [
                        'R2' => ['supply' => 'loose', 'usedAt' => 'rail'],
                        'C1' => ['supply' => 'loose', 'usedAt' => 'the drawer'],
                    ],
                ],
            ),
        );

        self::assertSame(['C1 R1', 'R2'], self::told($plan));
    }

    public function test_what_is_larger_than_the_largest_bag_lies_in_the_box_and_costs_nothing(): void
    {
        $plan = self::plan(KitMaker::kit(['R1,330,Axial 1/4W,resistor', 'BOX1,,box 100x60,enclosure']));

        self::assertSame(['BOX1', 'R1'], self::told($plan));
        self::assertSame('0.21', (string) $plan->cost);
        self::assertSame(BagSize::Box, $plan->bags[1]->size);
    }

    public function test_a_part_that_is_moved_says_what_the_kit_costs_then(): void
    {
        $moved = ['overrides' => ['bags' => [['part' => 'R4', 'bag' => 'Z']]]];
        [$before, $after] = array_map(
            static fn(array $json): BagPlan => self::plan(KitMaker::kit(array_slice(self::ROWS, 0, 4), [], $json)),
            [[], $moved],
        );

        self::assertSame('0.21', (string) $after->cost->minus($before->cost));
    }

    public function test_up_to_twelve_lines_no_other_plan_costs_less(): void
    {
        $random = new Randomizer(new Mt19937(6));
        for ($round = 0; $round < 25; ++$round) {
            $rows = array_slice($random->shuffleArray(self::ROWS), 0, $random->getInt(2, 8));
            $kit = KitMaker::kit($rows, [], ['lines' => ['T1' => ['mass' => 80.0]]]);
            $plan = self::plan($kit);

            self::assertSame(self::leastCost($plan, $kit), (string) $plan->cost, implode(' | ', $rows));
            self::assertSame([], $plan->conflicts);
        }
    }

    public function test_the_order_of_the_rows_tells_nothing(): void
    {
        $random = new Randomizer(new Mt19937(9));
        $rows = [...self::ROWS, 'R5,68k 5%,Axial 1/4W,resistor', 'LED1,red,LED 5mm,LED', 'LED2,amber,LED 5mm,LED'];
        $first = self::told(self::plan(KitMaker::kit($rows)));
        for ($round = 0; $round < 6; ++$round) {
            $told = self::told(self::plan(KitMaker::kit($random->shuffleArray($rows))));
            self::assertSame($first, $told);
        }
    }

    public function test_many_lines_are_shared_without_quarrel_and_for_less_than_bags_by_kind(): void
    {
        $rows = [];
        for ($line = 1; $line <= 90; ++$line) {
            $rows[] = sprintf('R%d,%dk%d 5%%,Axial 1/4W,resistor', $line, 1 + ($line % 9), $line % 10);
        }
        $kit = KitMaker::kit([...$rows, ...array_slice(self::ROWS, 4)]);
        $plan = self::plan($kit);

        self::assertSame([], $plan->conflicts);
        self::assertCount(
            count(self::items((new BagPlanner())->plan($kit, null, Sorting::ByKind))),
            self::items($plan),
            'every line once',
        );
        self::assertTrue($plan->cost->isLessThan((new BagPlanner())->plan($kit, null, Sorting::ByKind)->cost));
    }

    private static function plan(Kit $kit): BagPlan
    {
        return (new BagPlanner())->plan($kit, null, Sorting::ByCost);
    }

    /** @return list<string> the bags in the order of their words: first designators, a star where taped */
    private static function told(BagPlan $plan): array
    {
        $bags = array_map(static function (Bag $bag): string {
            $items = array_map(
                static fn(BagItem $item): string => (str_starts_with($item->designators[0], '~')
                    ? $item->part->line->cells->value
                    : $item->designators[0]) .
                    ($item->quantity > 1 ? "*{$item->quantity}" : ($item->isOnStrip ? '*' : '')),
                $bag->items,
            );
            sort($items);

            return implode(' ', $items);
        }, $plan->bags);
        sort($bags);

        return $bags;
    }

    /** @return list<BagItem> */
    private static function items(BagPlan $plan): array
    {
        return array_merge(...array_map(static fn(Bag $bag): array => $bag->items, $plan->bags));
    }

    /** Every way to share the items out is tried, with the rules read from the job's description once more. */
    private static function leastCost(BagPlan $plan, Kit $kit): string
    {
        $alike = LookAlikes::of($kit);
        $least = INF;
        foreach (self::partitions(self::items($plan)) as $bags) {
            $cost = 0.0;
            foreach ($bags as $bag) {
                $cost += self::bagCost($bag, $alike);
            }
            $least = min($least, $cost);
        }

        return number_format($least, 2);
    }

    /** @param list<BagItem> $bag */
    private static function bagCost(array $bag, LookAlikes $alike): float
    {
        $taped = 0;
        foreach ($bag as $one) {
            $meets = false;
            foreach ($bag as $other) {
                $mixes =
                    ($one->part->shape->sensitivity === Sensitivity::Static) !==
                    ($other->part->shape->sensitivity === Sensitivity::Static);
                $breaks = $one->part->designator === 'T1' && $other->part->shape->outline->name === 'DO-35';
                $isAlike = $one !== $other && $alike->areAlike($one->part->designator, $other->part->designator);
                if ($mixes || $breaks || ($isAlike && str_starts_with($one->part->designator, 'U'))) {
                    return INF;
                }
                $meets = $meets || $isAlike;
            }
            $taped += $meets ? 1 : 0;
        }

        return 0.06 + 0.5 * 0.3 + $taped * 0.2 * 0.3;
    }

    /**
     * @param list<BagItem> $items
     * @return iterable<list<list<BagItem>>>
     */
    private static function partitions(array $items): iterable
    {
        if ($items === []) {
            yield [];

            return;
        }
        $first = array_shift($items);
        foreach (self::partitions($items) as $bags) {
            yield [[$first], ...$bags];
            foreach (array_keys($bags) as $place) {
                $with = $bags;
                $with[$place][] = $first;
                yield array_values($with);
            }
        }
    }
}
