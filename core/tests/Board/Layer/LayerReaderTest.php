<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board\Layer;

use Chiralex\Board\Exception\UnreadableLayer;
use Chiralex\Board\Layer\LayerInk;
use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Layer\LayerReader;
use Chiralex\Board\Layer\Patch;
use Chiralex\Board\Layer\ProfileLayer;
use Chiralex\Board\Point;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Gerber layer format specification; its examples are quoted from memory and named by their titles. */
final class LayerReaderTest extends TestCase
{
    /** The specification's example "Two square boxes". */
    private const BOXES = "%FSLAX26Y26*%\n%MOMM*%\n%TF.Part,Other,example*%\n%LPD*%\n%ADD10C,0.010*%\nD10*\nX0Y0D02*\nG01*\nX5000000Y0D01*\nY5000000D01*\nX0D01*\nY0D01*\nX6000000D02*\nX11000000D01*\nY5000000D01*\nX6000000D01*\nY0D01*\nM02*\n";

    public function test_the_example_two_square_boxes_is_eight_draws_of_five_millimetres(): void
    {
        $layer = (new LayerReader())->read(self::BOXES, 'boxes.gbr');

        self::assertSame(
            array_fill(0, 8, 'draw'),
            array_map(static fn(LayerObject $object): string => $object->shape, $layer->objects),
        );
        foreach ($layer->objects as $draw) {
            self::assertEqualsWithDelta(5.0, $draw->points[0]->distanceTo($draw->points[1]), 1e-9);
        }
        self::assertEqualsWithDelta(25.0, (float) (new ProfileLayer())->outline($layer)?->area(), 1e-9);
        self::assertSame([], $layer->function);
    }

    public function test_inches_and_another_format_give_the_same_place(): void
    {
        $metric = (new LayerReader())->read('%FSLAX46Y46*%%MOMM*%%ADD10C,1*%D10*X25400000Y12700000D03*M02*', 'a.gbr');
        $inches = (new LayerReader())->read('%FSLAX24Y24*%%MOIN*%%ADD10C,1*%D10*X10000Y5000D03*M02*', 'b.gbr');
        $trailing = (new LayerReader())->read('%FSTAX24Y24*%%MOIN*%%ADD10C,1*%D10*X01Y005D03*M02*', 'c.gbr');

        foreach ([$metric, $inches, $trailing] as $layer) {
            self::assertEqualsWithDelta(
                [25.4, 12.7],
                [$layer->objects[0]->points[0]->x, $layer->objects[0]->points[0]->y],
                1e-9,
            );
        }
    }

    public function test_attributes_hold_until_they_are_taken_back_and_hide_in_comments_for_older_readers(): void
    {
        $layer = (new LayerReader())->read(
            'G04 #@! TF.FileFunction,Component,L1,Top*%FSLAX46Y46*%%MOMM*%%TA.AperFunction,ComponentMain*%%ADD10C,0.3*%%TD.AperFunction*%%ADD11C,0.1*%D10*%TO.C,R1*%%TO.CVal,4\\u00B57*%X0Y0D03*D11*X1000000D03*%TD.CVal*%X2000000D03*%TD*%X3000000D03*M02*',
            'a.gbr',
        );

        self::assertSame(['Component', 'L1', 'Top'], $layer->function);
        self::assertSame(
            [['R1', "4\u{00B5}7"], ['R1', "4\u{00B5}7"], ['R1', ''], ['', '']],
            array_map(
                static fn(LayerObject $object): array => [$object->says('.C'), $object->says('.CVal')],
                $layer->objects,
            ),
        );
        self::assertSame(
            [['ComponentMain'], [], [], []],
            array_map(static fn(LayerObject $object): array => $object->function, $layer->objects),
        );
    }

    /** @return iterable<string, array{string, float, float}> commands, length of the path, area between it and its chord where closed */
    public static function arcs(): iterable
    {
        yield 'a quarter, counter-clockwise' => ['G75*X10000000Y0D02*G03*X0Y10000000I-10000000J0D01*', M_PI * 5, 0.0];
        yield 'three quarters, clockwise' => ['G75*X10000000Y0D02*G02*X0Y10000000I-10000000J0D01*', M_PI * 15, 0.0];
        yield 'a full circle' => ['G75*X10000000Y0D02*G03*X10000000Y0I-10000000J0D01*', M_PI * 20, M_PI * 100];
        yield 'a quarter in single quadrant mode, signs left out' => [
            'G74*X10000000Y0D02*G03*X0Y10000000I10000000J0D01*',
            M_PI * 5,
            0.0,
        ];
    }

    #[DataProvider('arcs')]
    public function test_arcs_keep_within_five_micrometres_of_the_circle(
        string $commands,
        float $length,
        float $area,
    ): void {
        $layer = (new LayerReader())->read("%FSLAX46Y46*%%MOMM*%%ADD10C,0.1*%D10*{$commands}M02*", 'a.gbr');
        $points = $layer->objects[0]->points;
        $sum = 0.0;
        foreach ($points as $index => $point) {
            self::assertEqualsWithDelta(10.0, hypot($point->x, $point->y), 1e-6);
            $next = $points[$index + 1] ?? null;
            if ($next !== null) {
                $sum += $point->distanceTo($next);
                self::assertGreaterThan(10.0 - 0.0051, hypot(($point->x + $next->x) / 2, ($point->y + $next->y) / 2));
            }
        }
        self::assertEqualsWithDelta($length, $sum, 0.001 * $length);
        if ($area > 0.0) {
            self::assertEqualsWithDelta($area, (float) (new ProfileLayer())->outline($layer)?->area(), 0.001 * $area);
        }
    }

    public function test_a_profile_of_draws_in_any_order_and_direction_closes_and_the_largest_contour_is_the_board(): void
    {
        // A board of 40 x 20 mm with one corner rounded by 5 mm, and a hole; the pieces shuffled and turned.
        $pieces = [
            'X0Y20000000D02*X0Y0D01*',
            'X40000000Y20000000D02*X0Y20000000D01*',
            'X0Y0D02*X35000000Y0D01*',
            'X40000000Y5000000D02*X40000000Y20000000D01*',
            'G75*X35000000Y0D02*G03*X40000000Y5000000I0J5000000D01*G01*',
            'X10000000Y10000000D02*X12000000Y10000000D01*X12000000Y12000000D01*X10000000Y10000000D01*',
        ];
        $expected = 800.0 - 25.0 + (M_PI * 25.0) / 4;
        foreach ([[0, 1, 2, 3, 4, 5], [5, 3, 1, 4, 2, 0], [2, 0, 5, 1, 4, 3]] as $order) {
            $layer = (new LayerReader())->read(
                '%TF.FileFunction,Profile,NP*%%FSLAX46Y46*%%MOMM*%%ADD10C,0.1*%D10*G01*' .
                    implode('', array_map(static fn(int $index): string => $pieces[$index], $order)) .
                    'M02*',
                'profile.gbr',
            );
            self::assertEqualsWithDelta($expected, (float) (new ProfileLayer())->outline($layer)?->area(), 0.03);
        }
    }

    public function test_what_defines_an_aperture_block_is_no_outline(): void
    {
        $square = static fn(int $mm): string => "X0Y0D02*\nX{$mm}000000Y0D01*\nX{$mm}000000Y{$mm}000000D01*\n" .
            "X0Y{$mm}000000D01*\nX0Y0D01*\n";
        $layer = (new LayerReader())->read(
            "%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,0.1*%\nD10*\n%ABD12*%\n" .
                $square(90) .
                "%AB*%\n" .
                $square(40) .
                "M02*\n",
            'profile.gbr',
        );

        self::assertEqualsWithDelta(1600.0, (new ProfileLayer())->outline($layer)?->area(), 1e-6);
    }

    public function test_an_open_profile_is_none(): void
    {
        $layer = (new LayerReader())->read(
            '%FSLAX46Y46*%%MOMM*%%ADD10C,0.1*%D10*G01*X0Y0D02*X10000000Y0D01*X10000000Y10000000D01*M02*',
            'profile.gbr',
        );

        self::assertNull((new ProfileLayer())->outline($layer));
    }

    public function test_a_region_is_one_object_for_each_of_its_contours(): void
    {
        $layer = (new LayerReader())->read(
            '%FSLAX46Y46*%%MOMM*%%ADD10C,0.1*%D10*G36*X0Y0D02*G01*X1000000D01*Y1000000D01*X0D01*Y0D01*X5000000D02*X6000000D01*Y1000000D01*X5000000Y0D01*G37*M02*',
            'a.gbr',
        );

        self::assertSame(
            [['region', 4], ['region', 3]],
            array_map(
                static fn(LayerObject $object): array => [$object->shape, count($object->points)],
                $layer->objects,
            ),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function faults(): iterable
    {
        yield 'no format' => ["%MOMM*%\nD10*\nX0Y0D03*", 'a.gbr, line 3: coordinates come before the format'];
        yield 'no operation' => ["%FSLAX46Y46*%%MOMM*%\nHELLO*", 'a.gbr, line 2: "HELLO" is no operation'];
    }

    #[DataProvider('faults')]
    public function test_what_cannot_be_followed_names_file_and_line(string $bytes, string $words): void
    {
        $this->expectException(UnreadableLayer::class);
        $this->expectExceptionMessage($words);

        (new LayerReader())->read($bytes, 'a.gbr');
    }

    public function test_a_layer_file_is_known_by_its_format(): void
    {
        self::assertTrue(LayerReader::isLayer(self::BOXES));
        self::assertFalse(LayerReader::isLayer("Ref,X,Y\nR1,1,2\n"));
        self::assertInstanceOf(Point::class, (new LayerReader())->read(self::BOXES, 'a')->objects[0]->points[0]);
    }

    public function test_a_file_that_names_no_unit_is_taken_in_inches_and_says_so(): void
    {
        $layer = (new LayerReader())->read("%FSLAX24Y24*%\n%ADD10C,0.1*%\nD10*\nX10000Y0D03*\nM02*", 'a.gbr');

        self::assertTrue($layer->isUnitGuessed);
        self::assertEqualsWithDelta(25.4, $layer->objects[0]->points[0]->x, 1e-9);
        self::assertEqualsWithDelta(2.54, $layer->objects[0]->width, 1e-9);
        self::assertFalse((new LayerReader())->read('%FSLAX24Y24*%G71*X1Y1D03*M02*', 'a.gbr')->isUnitGuessed);
    }

    /** @return iterable<string, array{string, list<float>}> commands and where they put the point 3, 1 */
    public static function olderCommands(): iterable
    {
        yield 'offset' => ['%OFA1.5B-0.5*%', [4.5, 0.5]];
        yield 'scale' => ['%SFA2.0B.5*%', [6.0, 0.5]];
        yield 'mirrored A' => ['%MIA1B0*%', [-3.0, 1.0]];
        yield 'mirrored B' => ['%MIA0B1*%', [3.0, -1.0]];
        yield 'axes exchanged' => ['%ASAYBX*%', [1.0, 3.0]];
        yield 'turned' => ['%IR90*%', [-1.0, 3.0]];
        yield 'moved, then turned' => ['%IR180*%%OFA1.0B0*%', [-4.0, -1.0]];
        yield 'mirrored, then moved' => ['%OFA10.0B0*%%MIA1B0*%', [7.0, 1.0]];
        yield 'nothing' => ['%OFA0.000B0*%%IPPOS*%%MIA0B0*%%SFA1.0B1.0*%%IR0*%%ASAXBY*%', [3.0, 1.0]];
        yield 'the last counts' => ['%OFA5.0B0*%%OFA1.0B0*%', [4.0, 1.0]];
    }

    /** @param list<float> $at */
    #[DataProvider('olderCommands')]
    public function test_older_commands_move_a_whole_image(string $commands, array $at): void
    {
        $layer = (new LayerReader())->read(
            "%FSLAX24Y24*%%MOMM*%{$commands}%ADD10C,0.1*%D10*X30000Y10000D03*M02*",
            'a.gbr',
        );

        self::assertSame([], $layer->passed);
        self::assertEqualsWithDelta($at, [$layer->objects[0]->points[0]->x, $layer->objects[0]->points[0]->y], 1e-9);
    }

    public function test_a_negative_image_is_ink_with_its_objects_cut_out(): void
    {
        $layer = (new LayerReader())->read(
            '%FSLAX24Y24*%%MOMM*%%IPNEG*%%ADD10C,2.0*%D10*X10000Y10000D03*X90000Y50000D03*M02*',
            'a.gbr',
        );

        self::assertSame([true, false, false], array_column($layer->objects, 'isDark'));
        self::assertEqualsWithDelta(
            [10.0, 6.0],
            [$layer->objects[0]->points[2]->x, $layer->objects[0]->points[2]->y],
            0.01,
        );
    }

    public function test_a_command_that_takes_in_another_file_is_named(): void
    {
        self::assertSame(['IF'], (new LayerReader())->read('%FSLAX24Y24*%%MOIN*%%IFother.gbr*%M02*', 'a.gbr')->passed);
    }

    public function test_steps_are_repeated_column_by_column_and_end_where_others_begin(): void
    {
        $layer = (new LayerReader())->read(
            '%FSLAX46Y46*%%MOMM*%%ADD10C,1*%D10*%SRX2Y2I5.0J3.0*%X0Y0D03*%SRX1Y1I0J0*%X20000000D03*M02*',
            'a.gbr',
        );

        self::assertEquals(
            [[0.0, 0.0], [0.0, 3.0], [5.0, 0.0], [5.0, 3.0], [20.0, 0.0]],
            array_map(
                static fn(LayerObject $each): array => [$each->points[0]->x, $each->points[0]->y],
                $layer->objects,
            ),
        );
    }

    public function test_more_steps_than_any_board_has_are_refused(): void
    {
        $this->expectException(UnreadableLayer::class);
        $this->expectExceptionMessage('60000 objects');

        (new LayerReader())->read(
            '%FSLAX46Y46*%%MOMM*%%ADD10C,1*%D10*%SRX999999Y999999I5.0J3.0*%X0Y0D03*M02*',
            'a.gbr',
        );
    }

    public function test_blocks_that_hold_blocks_that_hold_blocks_are_refused_before_memory_ends(): void
    {
        $text = '%FSLAX46Y46*%%MOMM*%%ADD10C,1*%%ABD100*%D10*X0Y0D03*X1Y1D03*%AB*%';
        for ($i = 101; $i < 160; ++$i) {
            $text .= "%ABD{$i}*%D" . ($i - 1) . '*X0Y0D03*X1000000Y0D03*%AB*%';
        }
        $this->expectException(UnreadableLayer::class);

        (new LayerReader())->read("{$text}D159*X0Y0D03*M02*", 'a.gbr');
    }

    /** @return iterable<string, array{string, list<float>, float}> */
    public static function sums(): iterable
    {
        yield 'x binds before plus' => ['1.8+1X0+0.1', [], 1.9];
        yield 'brackets' => ['($1+$2)x3', [1.0, 2.0], 9.0];
        yield 'a sign before a bracket' => ['-($1/4)', [2.0], -0.5];
        yield 'what is not given is 0' => ['$3+1', [2.0], 1.0];
    }

    /** @param list<float> $values */
    #[DataProvider('sums')]
    public function test_sums_of_a_macro_size_its_parts(string $sum, array $values, float $width): void
    {
        $sizes = $values === [] ? '' : ',' . implode('X', $values);
        $layer = (new LayerReader())->read(
            "%FSLAX46Y46*%%MOMM*%%AMBOX*21,1,{$sum},1,0,0,0*%%ADD10BOX{$sizes}*%D10*X0Y0D03*M02*",
            'a.gbr',
        );
        $corners = $layer->objects[0]->patches[0]->contours[0];

        self::assertEqualsWithDelta($width, $corners[1]->x - $corners[0]->x, 1e-9);
    }

    public function test_a_clear_object_takes_ink_away_and_a_clear_part_of_a_macro_only_its_own(): void
    {
        $layer = (new LayerReader())->read(
            '%FSLAX46Y46*%%MOMM*%%AMRING*1,1,2,0,0*1,0,1,0,0*%%ADD10RING*%D10*X0Y0D03*%LPC*%X0D03*M02*',
            'a.gbr',
        );
        $dark = static fn(LayerObject $each): array => array_map(
            static fn(Patch $patch): bool => $patch->isDark,
            (new LayerInk())->of($each),
        );

        self::assertSame(
            [true, false],
            array_map(static fn(LayerObject $each): bool => $each->isDark, $layer->objects),
        );
        self::assertSame([[true, false], [false, true]], array_map($dark, $layer->objects));
    }

    public function test_a_circle_wider_than_any_board_has_no_more_corners_than_a_board_needs(): void
    {
        $layer = (new LayerReader())->read(
            '%FSLAX46Y46*%%MOMM*%%AMBIG*1,1,99999999999999,0,0*%%ADD10BIG*%%ADD11C,1000X1*%D10*X0Y0D03*D11*X0Y0D03*M02*',
            'a.gbr',
        );

        self::assertCount(720, $layer->objects[0]->patches[0]->contours[0]);
        self::assertLessThanOrEqual(720, count($layer->objects[1]->patches[0]->contours[0]));
    }
}
