<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Placement;
use Chiralex\Board\PlacementReader;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Board\View;
use Chiralex\Part\Outlines;
use Chiralex\Table\CsvReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ViewTest extends TestCase
{
    /** @return iterable<string, array{float, Side, int, float}> rotation, side, reading, bearing; the examples of the format */
    public static function bearings(): iterable
    {
        yield 'rotation 90, top, reading 0' => [90.0, Side::Top, 0, 180.0];
        yield 'the same at reading 90' => [90.0, Side::Top, 90, 270.0];
        yield 'rotation 0, bottom, reading 0' => [0.0, Side::Bottom, 0, 90.0];
    }

    #[DataProvider('bearings')]
    public function test_pin_1_at_minus_x_bears_as_the_format_says(
        float $rotation,
        Side $side,
        int $reading,
        float $bearing,
    ): void {
        $body = PlacedBody::place(
            new Placement('D1', new Point(10.0, 10.0), $rotation, $side, 'main'),
            Outlines::standard()->named('DO-35'),
            2.0,
        );
        $pin = $body->pins['1'];

        self::assertEqualsWithDelta(
            $bearing,
            (new View($reading, $side))->bearing(new Point($pin->x - 10.0, $pin->y - 10.0)),
            1e-6,
        );
    }

    public function test_eight_words_share_the_circle(): void
    {
        self::assertSame(
            ['up', 'up-right', 'right', 'down-right', 'down', 'down-left', 'left', 'up-left', 'up'],
            array_map(View::word(...), [0.0, 45.0, 90.0, 135.0, 180.0, 225.0, 270.0, 315.0, 350.0]),
        );
    }

    public function test_table_pins_are_mirrored_at_the_x_axis_on_the_bottom_and_typed_pins_are_not(): void
    {
        $placement = new Placement('U1', new Point(0.0, 0.0), 0.0, Side::Bottom, 'main');
        $outline = Outlines::standard()->named('DIP-8');

        self::assertEqualsWithDelta(-3.81, PlacedBody::place($placement, $outline, 5.0)->pins['1']->y, 1e-9);
        self::assertEqualsWithDelta(
            3.81,
            PlacedBody::place($placement, $outline, 5.0, ['1' => [-3.81, 3.81]])->pins['1']->y,
            1e-9,
        );
    }

    public function test_placements_take_units_from_the_cell_or_the_header(): void
    {
        $table = (new CsvReader())->read(
            "Ref,PosX (mil),PosY,Rot,Side\nR1,500,0.5in,90,B\nR2,100,12.3mm,0,T\n",
            'placements.csv',
        );
        $read = (new PlacementReader())->read($table, ['main'])->placements;

        self::assertEqualsWithDelta(12.7, $read['R1']->at->x, 1e-9);
        self::assertEqualsWithDelta(12.7, $read['R1']->at->y, 1e-9);
        self::assertEqualsWithDelta(12.3, $read['R2']->at->y, 1e-9);
        self::assertSame([Side::Bottom, Side::Top], [$read['R1']->side, $read['R2']->side]);
    }

    public function test_bottom_rotations_seen_from_below_are_turned_about(): void
    {
        $table = (new CsvReader())->read("Ref,X,Y,Rotation,Side\nR1,1,1,30,bottom\nR2,1,1,30,top\n", 'placements.csv');
        $read = (new PlacementReader())->read($table, ['main'], ['main'])->placements;

        self::assertSame([150.0, 30.0], [$read['R1']->rotation, $read['R2']->rotation]);
    }

    public function test_a_bad_coordinate_is_reported_at_row_and_column(): void
    {
        $problem = (new PlacementReader())->read(
            (new CsvReader())->read("Ref,X,Y,Side\nR1,abc,1,top\n", 'placements.csv'),
            ['main'],
        )->problems[0];

        self::assertSame(['placement.coordinate', 2, 'X'], [$problem->code, $problem->row, $problem->column]);
    }
}
