<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Review\PanelMatters;
use Chiralex\Review\Subject;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Holes of lids and panels against the places of the parts behind them; common practice, no source. */
final class PanelMattersTest extends TestCase
{
    /** @return iterable<string, array{list<array{string, float|int, int}>, list<array{string, float}>}> holes, and what is off by how much */
    public static function holes(): iterable
    {
        yield 'as on the board' => [[['LED1', -15, 0], ['LED2', 15, 0]], []];
        yield 'the board turned half round' => [[['LED1', 15, 0], ['LED2', -15, 0]], []];
        yield 'a millimetre off' => [[['LED1', -15, 0], ['LED2', 16, 0]], []];
        yield 'a little more than a millimetre off' => [[['LED1', -15, 0], ['LED2', 16.05, 0]], [['LED2', 1.1]]];
        yield 'eight millimetres off' => [[['LED1', -15, 0], ['LED2', 23, 0]], [['LED2', 8.0]]];
        yield 'one of three off' => [[['LED1', -15, 0], ['LED2', 15, 0], ['SW1', 15, 30]], [['SW1', 10.0]]];
        yield 'one hole tells nothing' => [[['LED1', 40, 40]], []];
    }

    /**
     * @param list<array{string, float|int, int}> $holes
     * @param list<array{string, float}> $off
     */
    #[DataProvider('holes')]
    public function test_a_hole_that_misses_its_part_is_told_in_millimetres(array $holes, array $off): void
    {
        $kit = KitMaker::kit(
            ['LED1,red,LED 5mm,', 'LED2,red,LED 5mm,', 'SW1,test,6x6,tact switch', 'BOX1,,,enclosure'],
            ['LED1,20,20,0,top', 'LED2,50,20,0,top', 'SW1,50,40,0,top'],
            [
                'drilling' => [
                    [
                        'by' => 'BOX1',
                        'face' => 'lid',
                        'size' => [80, 60],
                        'holes' => array_map(
                            static fn(array $hole): array => ['for' => $hole[0], 'at' => [$hole[1], $hole[2]]],
                            $holes,
                        ),
                    ],
                ],
            ],
        );
        $found = (new PanelMatters())->matters(new Subject($kit, KitMaker::order($kit)));

        self::assertSame(
            $off,
            array_map(static fn($matter): array => [$matter->args['designator'], $matter->args['mm']], $found),
        );
    }

    /** @return iterable<string, array{int, bool}> millimetres between two nuts, and whether that is told */
    public static function nuts(): iterable
    {
        yield 'as near as a spanner goes round' => [16, false];
        yield 'a little further' => [17, false];
        yield 'nearer' => [15, true];
    }

    #[DataProvider('nuts')]
    public function test_two_nuts_leave_room_for_a_spanner(int $mm, bool $told): void
    {
        $kit = KitMaker::kit(
            ['J1,RCA red,chassis,input', 'J2,RCA red,chassis,output', 'LED1,red,LED 3mm,', 'BOX1,,,enclosure'],
            [],
            [
                'drilling' => [
                    [
                        'by' => 'BOX1',
                        'face' => 'back',
                        'size' => [80, 60],
                        'holes' => [
                            ['for' => 'J1', 'at' => [0, 0]],
                            ['for' => 'J2', 'at' => [$mm, 0]],
                            ['for' => 'LED1', 'at' => [5, 0]],
                        ],
                    ],
                ],
            ],
        );

        self::assertCount($told ? 1 : 0, (new PanelMatters())->matters(new Subject($kit, KitMaker::order($kit))));
    }

    /** @return iterable<string, array{string, string, array{float, float}, array{float, float}, bool}> face, side of the parts, holes, whether one is off */
    public static function views(): iterable
    {
        // LED1 stands 30 mm left of LED2, LED3 10 mm above LED1 as seen from the top.
        yield 'the lid, from above' => ['lid', 'top', [-15.0, 0.0], [-15.0, 10.0], false];
        yield 'mirrored' => ['lid', 'top', [15.0, 0.0], [15.0, 10.0], true];
        yield 'from the bottom it is mirrored' => ['lid', 'bottom', [15.0, 0.0], [15.0, 10.0], false];
        yield 'the back lies over no board' => ['back', 'top', [15.0, 0.0], [15.0, 10.0], false];
        yield 'a lid in German' => ['Deckel', 'top', [15.0, 0.0], [15.0, 10.0], true];
        yield 'a panel without a face' => ['', 'top', [15.0, 0.0], [15.0, 10.0], true];
    }

    /**
     * @param array{float, float} $one
     * @param array{float, float} $third
     */
    #[DataProvider('views')]
    public function test_holes_are_held_against_what_is_seen_from_their_face(
        string $face,
        string $side,
        array $one,
        array $third,
        bool $off,
    ): void {
        $kit = KitMaker::kit(
            ['LED1,red,LED 5mm,', 'LED2,red,LED 5mm,', 'LED3,red,LED 5mm,', 'BOX1,,,enclosure'],
            ["LED1,20,20,0,{$side}", "LED2,50,20,0,{$side}", "LED3,20,30,0,{$side}"],
            [
                'drilling' => [
                    [
                        'by' => 'BOX1',
                        'face' => $face,
                        'size' => [80, 60],
                        'holes' => [
                            ['for' => 'LED1', 'at' => $one],
                            ['for' => 'LED2', 'at' => [-$one[0], 0]],
                            ['for' => 'LED3', 'at' => $third],
                        ],
                    ],
                ],
            ],
        );

        self::assertSame($off, Told::by(new PanelMatters(), $kit, 'board.hole-off') !== []);
    }

    public function test_a_board_turned_by_quarters_is_no_fault(): void
    {
        $places = [[20.0, 20.0], [50.0, 20.0], [20.0, 30.0], [60.0, 50.0]];
        foreach ([[0, 1, -1, 0], [-1, 0, 0, -1], [0, -1, 1, 0], [1, 0, 0, 1]] as $turn) {
            $holes = $rows = $at = [];
            foreach ($places as $index => [$x, $y]) {
                $name = 'LED' . ($index + 1);
                $rows[] = "{$name},red,LED 5mm,";
                $at[] = "{$name},{$x},{$y},0,top";
                $holes[] = [
                    'for' => $name,
                    'at' => [$turn[0] * $x + $turn[1] * $y + 3, $turn[2] * $x + $turn[3] * $y - 7],
                ];
            }
            $kit = KitMaker::kit([...$rows, 'BOX1,,,enclosure'], $at, [
                'drilling' => [['by' => 'BOX1', 'face' => 'lid', 'size' => [200, 200], 'holes' => $holes]],
            ]);
            self::assertSame([], Told::by(new PanelMatters(), $kit, 'board.hole-off'), implode(' ', $turn));
        }
    }

    public function test_what_is_off_is_told_to_a_tenth_from_the_part_it_is_measured_from(): void
    {
        $kit = KitMaker::kit(
            ['LED1,red,LED 5mm,', 'LED2,red,LED 5mm,', 'LED3,red,LED 5mm,', 'BOX1,,,enclosure'],
            ['LED1,20,20,0,top', 'LED2,50,20,0,top', 'LED3,35,40,0,top'],
            [
                'drilling' => [
                    [
                        'by' => 'BOX1',
                        'face' => 'lid',
                        'size' => [80, 60],
                        'holes' => [
                            ['for' => 'LED1', 'at' => [-15, 0]],
                            ['for' => 'LED2', 'at' => [15, 0]],
                            ['for' => 'LED3', 'at' => [1.23456, 22]],
                        ],
                    ],
                ],
            ],
        );

        self::assertSame(
            [['designator' => 'LED3', 'by' => 'BOX1', 'mm' => 2.4, 'from' => 'LED1']],
            Told::by(new PanelMatters(), $kit, 'board.hole-off'),
        );
        self::assertSame(
            ['LED3', 'LED1'],
            (new PanelMatters())->matters(new Subject($kit, KitMaker::order($kit)))[0]->designators,
        );
    }

    public function test_parts_that_are_not_on_the_board_are_not_held_against_holes(): void
    {
        $kit = KitMaker::kit(
            ['LED1,red,LED 5mm,', 'LED2,red,LED 5mm,', 'BOX1,,,enclosure'],
            ['LED1,20,20,0,top', 'LED2,50,20,0,top'],
            [
                'lines' => ['LED2' => ['supply' => 'not-fitted']],
                'drilling' => [
                    [
                        'by' => 'BOX1',
                        'face' => 'lid',
                        'size' => [80, 60],
                        'holes' => [
                            ['for' => 'LED1', 'at' => [-15, 0]],
                            ['for' => 'LED2', 'at' => [35, 0]],
                            ['for' => 'wires', 'at' => [0, 0]],
                        ],
                    ],
                ],
            ],
        );

        self::assertSame([], Told::by(new PanelMatters(), $kit, 'board.hole-off'));
    }

    public function test_three_nuts_are_told_by_pairs_to_a_tenth(): void
    {
        $kit = KitMaker::kit(
            ['J1,RCA red,chassis,input', 'J2,RCA red,chassis,output', 'J3,RCA red,chassis,aux', 'BOX1,,,enclosure'],
            [],
            [
                'drilling' => [
                    [
                        'by' => 'BOX1',
                        'face' => 'back',
                        'size' => [80, 60],
                        'holes' => [
                            ['for' => 'J1', 'at' => [0, 0]],
                            ['for' => 'J2', 'at' => [10.26, 0]],
                            ['for' => 'J3', 'at' => [10.26, 17]],
                        ],
                    ],
                ],
            ],
        );

        self::assertEquals(
            [['one' => 'J1', 'other' => 'J2', 'mm' => 10.3, 'needed' => 16.0]],
            Told::by(new PanelMatters(), $kit, 'board.spanner'),
        );
    }
}
