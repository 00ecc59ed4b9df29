<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board;

use Chiralex\Board\PlacementList;
use Chiralex\Board\PlacementReader;
use Chiralex\Board\Point;
use Chiralex\Board\Shift;
use Chiralex\Reason\Problem;
use Chiralex\Table\CsvReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlacementReaderTest extends TestCase
{
    /** @return iterable<string, array{string, float, float, float, string}> table, x, y, rotation, side */
    public static function dialects(): iterable
    {
        yield 'millimetres without a unit' => ["Ref,X,Y,Rotation,Side\nR1,10.5,20,90,top\n", 10.5, 20.0, 90.0, 'top'];
        yield 'units behind the numbers' => [
            "Designator,Mid X,Mid Y,Rotation,Layer\nR1,10.5mm,0.5in,0,T\n",
            10.5,
            12.7,
            0.0,
            'top',
        ];
        yield 'mil' => ["Designator,Mid X,Mid Y,Rotation,Layer\nR1,500mil,100mil,0,B\n", 12.7, 2.54, 0.0, 'bottom'];
        yield 'the unit in the head' => ["Ref,PosX (in),PosY (in),Rot,Side\nR1,1,2,0,F\n", 25.4, 50.8, 0.0, 'top'];
        yield 'semicolons and a decimal comma' => [
            "Ref;X;Y;Rotation;Side\nR1;10,5;20,25;0;bottom\n",
            10.5,
            20.25,
            0.0,
            'bottom',
        ];
        yield 'headers nobody knows, told by what stands under them' => [
            "Teil;Abstand links;Abstand unten;Dreh;Wo\nR1;10,5;20,25;90;Oberseite\nR2;1,0;2,0;0;Unterseite\n",
            10.5,
            20.25,
            90.0,
            'top',
        ];
        yield 'headers nobody knows that hold an x and a y' => [
            "Wo,Bauteilname,Lage Y,Lage X\nLötseite,R1,20,10.5\n",
            10.5,
            20.0,
            0.0,
            'bottom',
        ];
        yield 'sides in French' => ["Ref,X,Y,Rotation,Side\nR1,1,2,0,dessous\n", 1.0, 2.0, 0.0, 'bottom'];
        yield 'sides in Polish' => ["Ref,X,Y,Rotation,Side\nR1,1,2,0,Góra\n", 1.0, 2.0, 0.0, 'top'];
        yield 'negative places' => ["Ref,X,Y,Rotation,Side\nR1,-3.5,-2,-90,top\n", -3.5, -2.0, -90.0, 'top'];
    }

    #[DataProvider('dialects')]
    public function test_each_dialect_is_read_in_millimetres_and_degrees(
        string $csv,
        float $x,
        float $y,
        float $rotation,
        string $side,
    ): void {
        $place = self::read($csv)->placements['R1'];
        self::assertEqualsWithDelta(
            [$x, $y, fmod($rotation + 360.0, 360.0)],
            [$place->at->x, $place->at->y, fmod($place->rotation + 360.0, 360.0)],
            1e-9,
        );
        self::assertSame($side, $place->side->value);
    }

    public function test_what_was_guessed_is_said_and_what_was_told_is_not(): void
    {
        $guessed = self::read("Teil;Links;Unten;Dreh\nR1;10,5;20,25;90\n")->problems;

        self::assertSame(['placement.guessed'], array_map(static fn(Problem $each): string => $each->code, $guessed));
        self::assertSame('designator: Teil, x: Links, y: Unten, rotation: Dreh', $guessed[0]->args['columns']);
        self::assertSame([], self::read("Ref,X,Y,Rotation,Side\nR1,1,2,0,top\n")->problems);
    }

    public function test_a_list_of_parts_is_no_list_of_places(): void
    {
        $is = static fn(string $csv): bool => PlacementReader::isPlacements((new CsvReader())->read($csv, 'a.csv'));

        self::assertFalse($is("Ref,Value,Package\nR1,1k,0207\n"));
        self::assertFalse($is("Ref,Value,Height,Pitch\nR1,1k,2.5,10.16\n"), 'two lengths alone');
        self::assertTrue($is("Teil,Links,Unten,Dreh\nR1,1,2,90\n"));
    }

    /** @return iterable<string, array{string, string}> row, code */
    public static function faults(): iterable
    {
        yield 'a word for a number' => ['R1,left,20,0,top', 'placement.coordinate'];
        yield 'no angle' => ['R1,10,20,upright,top', 'placement.rotation'];
        yield 'nobody named' => [',10,20,0,top', 'placement.no-designator'];
        yield 'twice' => ["R1,10,20,0,top\nR1,11,20,0,top", 'placement.duplicate'];
    }

    #[DataProvider('faults')]
    public function test_a_row_that_cannot_be_used_is_told_with_its_place_and_the_others_stay(
        string $rows,
        string $code,
    ): void {
        $list = self::read("Ref,X,Y,Rotation,Side\nC1,1,2,0,top\n{$rows}\n");
        self::assertSame([$code], array_map(static fn($problem): string => $problem->code, $list->problems));
        self::assertContains($list->problems[0]->row, [3, 4]);
        self::assertArrayHasKey('C1', $list->placements);
    }

    /** Exporters that turn bottom parts as seen from below: x, y unchanged, rotation = 180 - the file's. */
    public function test_rotations_seen_from_below_are_turned_for_the_bottom_side_only(): void
    {
        $list = self::read("Ref,X,Y,Rotation,Side\nR1,10,20,30,bottom\nR2,10,30,30,top\n", ['main']);
        self::assertEqualsWithDelta(
            [150.0, 30.0],
            [fmod($list->placements['R1']->rotation + 360.0, 360.0), $list->placements['R2']->rotation],
            1e-9,
        );
    }

    /** @param list<string> $turned */
    private static function read(string $csv, array $turned = []): PlacementList
    {
        return (new PlacementReader())->read((new CsvReader())->read($csv, 'placements.csv'), ['main'], $turned);
    }

    public function test_a_word_that_is_no_side_is_asked_once_and_stands_for_the_top_until_it_is_answered(): void
    {
        $csv = "Ref,X,Y,Rotation,Side\nR1,1,2,0,Inside\nR2,3,4,0,inside\nR3,5,6,0,bottom\n";
        $list = self::read($csv);
        $said = (new PlacementReader())->read(
            (new CsvReader())->read($csv, 'a.csv'),
            ['main'],
            [],
            ['inside' => 'bottom'],
        );

        self::assertSame(
            [['placement.side-word', 'Inside', 1], ['placement.side-word', 'inside', 1]],
            array_map(
                static fn($each): array => [$each->code, $each->args['word'], $each->args['count']],
                $list->problems,
            ),
        );
        self::assertSame('top', $list->placements['R1']->side->value);
        self::assertSame([], $said->problems);
        self::assertSame('bottom', $said->placements['R2']->side->value);
    }

    /** @return iterable<string, array{string}> the same two places, written by different programs */
    public static function programs(): iterable
    {
        yield 'comments and a title above the header' => [
            "# Exported 2026-11-28\n// units, mm\n\nRef;PosX;PosY;Rot;Seite\nR1;2,54;5,08;0;Oberseite\nR2;7,62;5,08;90;Unterseite\n",
        ];
        yield 'a title without a sign' => [
            "Board export rev B\nRef,X,Y,Rotation,Side\nR1,2.54,5.08,0,top\nR2,7.62,5.08,90,bottom\n",
        ];
        yield 'the header is a comment, columns set with blanks' => [
            "### positions ###\n## Unit = mm\n# Ref  Val  Package  PosX  PosY  Rot  Side\nR1  1k  A  2.5400  5.0800  0.0  top\nR2  1k  A  7.6200  5.0800  90.0  bottom\n## End\n",
        ];
        yield 'mils in the header' => [
            "Ref,X (mils),Y (mils),Rotation,Side\nR1,100,200,0,dessus\nR2,300,200,90,dessous\n",
        ];
        yield 'mils in the cells' => ["Ref,X,Y,Rotation,Side\nR1,100mils,200 mil,0,T\nR2,300mil,200mils,90,B\n"];
    }

    #[DataProvider('programs')]
    public function test_places_are_the_same_whoever_wrote_them(string $csv): void
    {
        self::assertEqualsWithDelta(
            [['R1', 2.54, 5.08, 0.0, 'top'], ['R2', 7.62, 5.08, 90.0, 'bottom']],
            array_values(
                array_map(
                    static fn($each): array => [
                        $each->designator,
                        $each->at->x,
                        $each->at->y,
                        $each->rotation,
                        $each->side->value,
                    ],
                    self::read($csv)->placements,
                ),
            ),
            1e-9,
        );
    }

    public function test_all_places_of_a_board_are_turned_about_their_origin_and_then_moved(): void
    {
        $list = self::read("Ref,X,Y,Rotation,Side\nR1,10,2,30,top\n")->shifted([
            'main' => new Shift(new Point(5.0, -1.0), 90.0),
        ]);

        self::assertEqualsWithDelta(
            [3.0, 9.0, 120.0],
            [$list->placements['R1']->at->x, $list->placements['R1']->at->y, $list->placements['R1']->rotation],
            1e-9,
        );
        self::assertSame(
            10.0,
            self::read("Ref,X,Y\nR1,10,2\n")->shifted(['lamps' => new Shift(new Point(5.0, 0.0), 0.0)])->placements[
                'R1'
            ]->at->x,
        );
    }
}
