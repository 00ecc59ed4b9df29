<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Review\BoardReview;
use Chiralex\Review\ManualMatters;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Both sides of every limit of places on the board and of holes in a panel, millimetres; limits are common practice, no source. */
final class PlaceLimitsTest extends TestCase
{
    private const TWO = ['C1,104,disc 5mm,ceramic', 'C2,1u,box 5mm,film'];

    /** @return iterable<string, array{list<string>, array<string, mixed>, int}> placements, json, pairs */
    public static function neighbours(): iterable
    {
        $pins = static fn(float $span): array => [
            'lines' => ['C2' => ['pins' => ['1' => [-$span / 2, 0], '2' => [$span / 2, 0]]]],
        ];
        yield 'fifteen apart' => [['C1,10,10,0,top', 'C2,25,10,0,top'], [], 1];
        yield 'a little more' => [['C1,10,10,0,top', 'C2,25.1,10,0,top'], [], 0];
        yield 'holes 0.4 wider' => [['C1,10,10,0,top', 'C2,20,10,0,top'], $pins(5.4), 1];
        yield 'holes 0.4 narrower' => [['C1,10,10,0,top', 'C2,20,10,0,top'], $pins(4.6), 1];
        yield 'holes 0.45 wider' => [['C1,10,10,0,top', 'C2,20,10,0,top'], $pins(5.45), 0];
        yield 'holes 0.42 narrower' => [['C1,10,10,0,top', 'C2,20,10,0,top'], $pins(4.58), 0];
        yield 'on either side of the board' => [['C1,10,10,0,top', 'C2,20,10,0,bottom'], [], 0];
    }

    /**
     * @param list<string> $placements
     * @param array<string, mixed> $json
     */
    #[DataProvider('neighbours')]
    public function test_holes_that_another_part_fits_are_told_up_to_fifteen_away(
        array $placements,
        array $json,
        int $pairs,
    ): void {
        $told = Told::by(new BoardReview(), KitMaker::kit(self::TWO, $placements, $json), 'board.same-holes');

        self::assertSame($pairs, $told[0]['count'] ?? 0);
    }

    public function test_a_pair_is_told_once_and_a_finding_names_twelve_pairs_and_counts_all(): void
    {
        $bom = $places = [];
        for ($i = 1; $i <= 13; ++$i) {
            array_push($bom, "C{$i},104,disc 5mm,ceramic", 'C' . (100 + $i) . ',1u,box 5mm,film');
            // Pairs twenty apart, so that only partners are neighbours.
            $x = 20 * $i;
            array_push($places, "C{$i},{$x},10,0,top", 'C' . (100 + $i) . ",{$x},13,0,top");
        }
        $outline = ['board' => ['outline' => [[0, 0], [300, 0], [300, 60], [0, 60]]]];
        $told = Told::by(new BoardReview(), KitMaker::kit($bom, $places, $outline), 'board.same-holes');

        self::assertCount(1, $told);
        self::assertSame(13, $told[0]['count']);
        self::assertSame(15.0, $told[0]['near']);
        self::assertIsArray($told[0]['pairs']);
        self::assertCount(12, $told[0]['pairs']);
        self::assertSame('C1/C101', $told[0]['pairs'][0]);
    }

    /** @return iterable<string, array{string, float, ?string, array<string, float>}> row, span of the holes, code, figures */
    public static function spans(): iterable
    {
        // a quarter watt body is 6.3 long and is bent 0.6 from either end: 7.5, which is 7.62 in steps of 2.54
        yield 'a body just fits' => ['R1,1k,Axial 1/4W,', 7.5, null, []];
        yield 'a hundredth less' => ['R1,1k,Axial 1/4W,', 7.49, 'board.span-short', ['span' => 7.49, 'needed' => 7.62]];
        yield 'a span with many digits' => ['R1,1k,Axial 1/4W,', 5.0808, 'board.span-short', ['span' => 5.08]];
        // a disc of 5 spreads its leads by 2.6 at most
        yield 'leads spread as far as they go' => ['R1,104,disc 5mm,ceramic', 7.59, null, []];
        yield 'a little further' => [
            'R1,104,disc 5mm,ceramic',
            7.61,
            'board.span-wide',
            ['span' => 7.61, 'usual' => 5.0],
        ];
        yield 'leads pressed together as far as they go' => ['R1,104,disc 5mm,ceramic', 2.41, null, []];
        yield 'a little nearer' => ['R1,104,disc 5mm,ceramic', 2.39, 'board.span-wide', ['span' => 2.39]];
        yield 'a wide span with many digits' => [
            'R1,104,disc 5mm,ceramic',
            9.1234,
            'board.span-wide',
            ['span' => 9.12],
        ];
        // 6.3x11 cans have their leads 2.5 apart
        yield 'a can' => ['R1,10u,6.3x11,electrolytic', 7.5, 'board.span-wide', ['usual' => 2.5]];
        yield 'holes in one place are no body that is too long' => ['R1,104,disc 5mm,ceramic', 2.5, null, []];
    }

    /** @param array<string, float> $figures */
    #[DataProvider('spans')]
    public function test_leads_reach_their_holes(string $row, float $span, ?string $code, array $figures): void
    {
        $name = str_replace('R1', str_contains($row, 'Axial') ? 'R1' : 'C1', $row);
        $designator = explode(',', $name)[0];
        $kit = KitMaker::kit(
            [$name],
            ["{$designator},20,20,0,top"],
            [
                'lines' => [$designator => ['pins' => ['1' => [-$span / 2, 0], '2' => [$span / 2, 0]]]],
            ],
        );
        foreach (['board.span-short', 'board.span-wide'] as $each) {
            $told = Told::by(new BoardReview(), $kit, $each);
            self::assertCount($each === $code ? 1 : 0, $told, $each);
            self::assertEqualsWithDelta(
                $each === $code ? $figures : [],
                array_intersect_key($told[0] ?? [], $figures),
                1e-9,
            );
        }
    }

    public function test_a_part_of_three_pins_has_no_span(): void
    {
        $kit = KitMaker::kit(
            ['Q1,BC547,TO-92,transistor'],
            ['Q1,20,20,0,top'],
            [
                'lines' => ['Q1' => ['pins' => ['1' => [-20, 0], '2' => [0, 0], '3' => [20, 0]]]],
            ],
        );

        self::assertSame([], Told::by(new BoardReview(), $kit, 'board.span-wide'));
    }

    public function test_parts_are_turned_to_where_most_of_their_kind_on_their_side_face(): void
    {
        $diodes = static fn(string ...$places): array => Told::by(
            new BoardReview(),
            KitMaker::kit(
                array_map(static fn(int $i): string => "D{$i},1N4148,DO-35,", range(1, count($places))),
                array_map(static fn(int $i): string => "D{$i}," . $places[$i - 1], range(1, count($places))),
            ),
            'board.turn',
        );

        self::assertSame([], $diodes('10,10,0,top', '10,20,0,top'));
        self::assertSame([['D2']], array_column($diodes('10,10,0,top', '10,20,90,top'), 'designators'));
        self::assertSame(
            [['D1', 'D2']],
            array_column(
                $diodes('10,10,90,top', '10,20,90,top', '10,30,0,top', '10,40,0,top', '10,50,0,top'),
                'designators',
            ),
        );
        self::assertSame(
            [2],
            array_column($diodes('10,10,90,top', '10,20,180,top', '10,30,0,top', '10,40,0,top'), 'count'),
        );
        self::assertSame([], $diodes('10,10,0,top', '10,20,180,bottom'));
    }

    public function test_an_adjuster_under_a_cover_that_the_kit_has_is_told_and_any_other_part_is_not(): void
    {
        $told = static fn(string $row, array $lines = []): array => array_column(
            Told::by(
                new BoardReview(),
                KitMaker::kit(
                    [$row, 'BOX1,plain,,enclosure'],
                    ['X1,10,10,0,top'],
                    [
                        'groups' => ['covers' => [['by' => 'BOX1', 'over' => ['X1', 'X9']]]],
                        'lines' => $lines + ['X1' => ['kind' => 'trimmer']],
                    ],
                ),
                'board.adjuster-covered',
            ),
            'designator',
        );

        self::assertSame(['X1'], $told('X1,20k,trimmer 10mm,'));
        self::assertSame([], $told('X1,20k,trimmer 10mm,', ['BOX1' => ['supply' => 'not-fitted']]));
        self::assertSame([], $told('X1,20k,trimmer 10mm,', ['X1' => ['kind' => 'trimmer', 'supply' => 'not-fitted']]));
        self::assertSame([], $told('X1,20k,Axial 1/4W,', ['X1' => ['kind' => 'resistor']]));
    }

    /** @return iterable<string, array{list<array<string, mixed>>, list<string>}> holes of a face of 100 by 50, codes */
    public static function holes(): iterable
    {
        $hole = static fn(string $for, float $x, float $y, ?float $diameter): array => [
            'for' => $for,
            'at' => [$x, $y],
        ] + ($diameter === null ? [] : ['diameter' => $diameter]);
        yield 'in the middle' => [[$hole('LED1', 0, 0, 5)], []];
        yield 'up to the right edge' => [[$hole('LED1', 47.5, 0, 5)], []];
        yield 'over the right edge' => [[$hole('LED1', 47.6, 0, 5)], ['manual.hole-outside']];
        yield 'over the left edge' => [[$hole('LED1', -47.6, 0, 5)], ['manual.hole-outside']];
        yield 'up to the upper edge' => [[$hole('LED1', 0, 22.5, 5)], []];
        yield 'over the upper edge' => [[$hole('LED1', 0, 22.6, 5)], ['manual.hole-outside']];
        yield 'without a size' => [[$hole('X1', 0, 0, null)], ['manual.hole-size']];
        yield 'of no size' => [[$hole('LED1', 0, 0, 0)], ['manual.hole-size']];
        yield 'of hardly any size' => [[$hole('LED1', 0, 0, 0.05)], []];
        yield 'without a size on the very edge' => [[$hole('X1', 50, 0, null)], ['manual.hole-size']];
        yield 'two side by side' => [[$hole('LED1', 0, 0, 5), $hole('LED2', 6, 0, 7)], []];
        yield 'two that meet' => [[$hole('LED1', 0, 0, 5), $hole('LED2', 5.9, 0, 7)], ['manual.holes-meet']];
        yield 'one above the other' => [[$hole('LED1', 0, 0, 5), $hole('LED2', 0, 5.9, 7)], ['manual.holes-meet']];
        yield 'one without a size beside another' => [
            [$hole('LED1', 0, 0, 5), $hole('X1', 2.5, 0, null)],
            ['manual.hole-size'],
        ];
    }

    /**
     * @param list<array<string, mixed>> $holes
     * @param list<string> $codes
     */
    #[DataProvider('holes')]
    public function test_holes_lie_in_their_face_and_apart(array $holes, array $codes): void
    {
        $kit = KitMaker::kit(
            ['LED1,red,LED 5mm,LED', 'LED2,red,LED 5mm,LED', 'X1,thing,,', 'BOX1,plain,,enclosure'],
            [],
            [
                'drilling' => [['by' => 'BOX1', 'face' => 'lid', 'size' => [100, 50], 'holes' => $holes]],
            ],
        );
        $found = [];
        foreach (['manual.hole-size', 'manual.hole-outside', 'manual.holes-meet'] as $code) {
            array_push($found, ...array_fill(0, count(Told::by(new ManualMatters(), $kit, $code)), $code));
        }

        self::assertSame($codes, $found);
    }

    public function test_a_hole_is_told_by_its_place_to_a_hundredth(): void
    {
        $kit = KitMaker::kit(
            ['LED1,red,LED 5mm,LED', 'BOX1,plain,,enclosure'],
            [],
            [
                'drilling' => [
                    [
                        'by' => 'BOX1',
                        'face' => 'lid',
                        'size' => [20, 10],
                        'holes' => [['for' => 'LED1', 'at' => [12.3464, 9.8764], 'diameter' => 5]],
                    ],
                ],
            ],
        );

        self::assertSame(
            [['hole' => 'LED1', 'by' => 'BOX1 lid', 'x' => 12.35, 'y' => 9.88, 'width' => 20.0, 'height' => 10.0]],
            Told::by(new ManualMatters(), $kit, 'manual.hole-outside'),
        );
    }
}
