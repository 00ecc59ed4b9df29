<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Bag;
use Chiralex\Bagging\BagItem;
use Chiralex\Bagging\BagMass;
use Chiralex\Bagging\BagPlan;
use Chiralex\Bagging\BagPlanner;
use Chiralex\Bagging\BagSize;
use Chiralex\Bagging\Internal\Volume;
use Chiralex\Bagging\MatCell;
use Chiralex\Bagging\SortingMat;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sizes of bags and what is taken for a mass: common practice, no source. The numbers are the module's own, from both sides. */
final class BagLimitsTest extends TestCase
{
    /** @return iterable<string, array{float, BagSize}> cubic millimetres, bag */
    public static function volumes(): iterable
    {
        yield 'nothing' => [0.0, BagSize::Small];
        yield 'as much as the smallest takes' => [12_000.0, BagSize::Small];
        yield 'a little more' => [12_001.0, BagSize::Medium];
        yield 'as much as the next takes' => [40_000.0, BagSize::Medium];
        yield 'more than that' => [40_001.0, BagSize::Large];
        yield 'as much as a large one takes' => [130_000.0, BagSize::Large];
        yield 'more than a large one takes' => [130_001.0, BagSize::ExtraLarge];
        yield 'as much as the largest takes' => [320_000.0, BagSize::ExtraLarge];
        yield 'what no bag takes' => [320_001.0, BagSize::Box];
    }

    #[DataProvider('volumes')]
    public function test_a_bag_is_as_large_as_its_parts_need(float $volume, BagSize $size): void
    {
        self::assertSame($size, BagSize::for($volume));
    }

    /** @return iterable<string, array{string, float}> row, cubic millimetres of the whole line */
    public static function rows(): iterable
    {
        yield 'wire is coiled: a quarter of a metre' => ['W1,hook-up,,wire,0.25 m', 3000.0];
        yield 'a cable nobody measured counts as 100 mm' => ['W1,ribbon,,cable,1', 1200.0];
        yield 'hardware nobody measured, four of it' => [',M3 nut,,nut,4', 1200.0];
        yield 'one of it' => [',M3 nut,,nut,1', 300.0];
    }

    #[DataProvider('rows')]
    public function test_a_line_takes_about_so_much_room(string $row, float $volume): void
    {
        $kit = self::kit([$row]);

        self::assertEqualsWithDelta($volume, (new Volume($kit))->of(self::items($kit)[0]), 1e-6);
    }

    public function test_a_part_takes_its_area_and_its_height_but_a_millimetre_at_least(): void
    {
        $of = static function (float $height): float {
            $kit = self::kit(['DS1,16x2,50x20x8,display,1'], ['lines' => ['DS1' => ['height' => $height]]]);

            return (new Volume($kit))->of(self::items($kit)[0]);
        };

        self::assertEqualsWithDelta(1000.0, $of(0.5), 1e-6);
        self::assertEqualsWithDelta(1000.0, $of(1.0), 1e-6);
        self::assertEqualsWithDelta(1050.0, $of(1.05), 1e-6);
    }

    public function test_on_the_mat_a_lying_part_has_the_span_of_its_holes_to_a_hundredth(): void
    {
        $kit = KitMaker::kit(
            ['R1,10k,Axial 1/4W,'],
            ['R1,20,20,0,top'],
            [
                'lines' => ['R1' => ['pins' => ['1' => [-5.06172, 0], '2' => [5.06172, 0]]]],
            ],
        );
        $cells = SortingMat::cells((new BagPlanner())->plan($kit, null));

        self::assertSame([10.12], array_map(static fn(MatCell $cell): ?float => $cell->bend, $cells));
        self::assertSame(60.0, SortingMat::LARGEST);
    }

    public function test_a_board_lies_flat_and_needs_its_area(): void
    {
        $outline = [[5, 5], [55, 5], [55, 35], [5, 35]];
        $kit = self::kit(['PCB1,board,,board,1', 'R1,10k,Axial 1/4W,,1'], ['board' => ['outline' => $outline]]);
        $board = array_values(
            array_filter(self::items($kit), static fn(BagItem $item): bool => $item->part->designator === 'PCB1'),
        );

        self::assertEqualsWithDelta(50.0 * 30.0 * 12.0, (new Volume($kit))->of($board[0]), 1e-6);
    }

    public function test_a_bag_weighs_its_parts_and_its_wire_and_says_what_is_typical(): void
    {
        $weighed = self::mass(
            self::kit(['"R1,R2",10k,Axial 1/4W,,2'], ['lines' => ['R1' => ['mass' => 0.25], 'R2' => ['mass' => 0.25]]]),
        );
        self::assertEqualsWithDelta(0.5, $weighed->grams, 1e-9);
        self::assertFalse($weighed->typical);

        $typical = self::mass(self::kit(['R1,10k,Axial 1/4W,,1']));
        self::assertEqualsWithDelta(0.2, $typical->grams, 1e-9, 'of the kind');
        self::assertTrue($typical->typical);

        $wire = self::mass(self::kit(['W1,hook-up,,wire,2 m']));
        self::assertEqualsWithDelta(6.0, $wire->grams, 1e-9, '3 g a metre');
        self::assertTrue($wire->typical);
    }

    public function test_every_part_has_its_place_on_the_mat_in_the_order_of_its_name(): void
    {
        $kit = self::kit([
            '"R10,R2",10k,Axial 1/4W,,2',
            ',M3x6,,screw,4',
            'W1,hook-up,,wire,2 m',
            'C1,100n,disc 5mm,ceramic,1',
        ]);
        $cells = SortingMat::cells(self::plan($kit));
        $told = array_map(
            static fn(MatCell $cell): array => [$cell->designator, $cell->quantity, $cell->measured],
            $cells,
        );
        sort($told);

        self::assertSame([['', 4, false], ['C1', 1, false], ['R10', 1, true], ['R2', 1, true]], $told);
        $names = array_values(
            array_filter(
                array_map(static fn(MatCell $cell): string => $cell->designator, $cells),
                static fn(string $name): bool => str_starts_with($name, 'R'),
            ),
        );
        self::assertSame(['R2', 'R10'], $names);
    }

    public function test_leads_are_bent_to_the_holes_of_the_place_or_else_of_the_outline(): void
    {
        $bend = static fn(Kit $kit, string $name): ?float => array_column(
            SortingMat::cells(self::plan($kit)),
            'bend',
            'designator',
        )[$name];
        $pins = ['1' => [0, 0], '2' => [12, 5]];

        self::assertSame(
            13.0,
            $bend(
                KitMaker::kit(['R1,10k,Axial 1/4W,'], ['R1,20,20,0,top'], ['lines' => ['R1' => ['pins' => $pins]]]),
                'R1',
            ),
        );
        self::assertSame(10.16, $bend(self::kit(['R1,10k,Axial 1/4W,,1']), 'R1'));
        self::assertNull($bend(self::kit(['C1,100n,disc 5mm,ceramic,1']), 'C1'), 'a disc is not bent');
    }

    /**
     * @param list<string> $rows
     * @param array<string, mixed> $json
     */
    private static function kit(array $rows, array $json = []): Kit
    {
        return (new KitReader())->read([
            'bom.csv' => "Ref,Value,Package,Description,Qty\n" . implode("\n", $rows) . "\n",
            'kit.json' => json_encode(['format' => 1] + $json, JSON_THROW_ON_ERROR),
        ]);
    }

    private static function plan(Kit $kit): BagPlan
    {
        return (new BagPlanner())->plan($kit, KitMaker::order($kit));
    }

    /** @return list<BagItem> */
    private static function items(Kit $kit): array
    {
        return array_merge(...array_map(static fn(Bag $bag): array => $bag->items, self::plan($kit)->bags));
    }

    private static function mass(Kit $kit): BagMass
    {
        return BagMass::of(self::plan($kit)->bags[0]);
    }
}
