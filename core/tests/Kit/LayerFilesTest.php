<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Board\Side;
use Chiralex\Build\Planner;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Reason\Matter;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Problem;
use Chiralex\Review\Reviewer;
use PHPUnit\Framework\TestCase;

/** Component and profile layers beside a parts list; all data here is invented. */
final class LayerFilesTest extends TestCase
{
    private const BOM = "Ref,Value,Package,Description\nR1,10k,Axial 1/4W,\nK1,5 V,block 19x15x15,relay\nU1,LM393,,comparator\n";
    private const HEAD = '%FSLAX46Y46*%%MOMM*%%TA.AperFunction,ComponentMain*%%ADD10C,0.3*%%TA.AperFunction,ComponentOutline,Body*%%ADD11C,0.1*%%TA.AperFunction,ComponentPin*%%ADD12C,0.2*%%TD*%G01*';

    public function test_places_heights_pins_bodies_and_packages_come_from_the_file_and_say_so(): void
    {
        $kit = self::kit();
        [$relay, $chip, $resistor] = [$kit->part('K1'), $kit->part('U1'), $kit->part('R1')];

        self::assertSame(
            [20.0, 10.0, 90.0, Side::Top],
            [
                $relay?->place->placement?->at->x,
                $relay?->place->placement?->at->y,
                $relay?->place->placement?->rotation,
                $relay?->place->placement?->side,
            ],
        );
        self::assertSame(
            [14.2, Origin::PlacementFile],
            [$relay?->shape->height, $relay?->shape->heightOrigin],
            'the height of the file goes before the typical one',
        );
        self::assertSame([18.0, 15.0], [$relay?->shape->outline->along, $relay?->shape->outline->across]);
        self::assertSame('DIP-8', $chip?->shape->outline->name, 'a package the list leaves out');
        self::assertSame(
            [Side::Bottom, Origin::PackageOutline],
            [$resistor?->place->placement?->side, $resistor?->shape->heightOrigin],
        );
        self::assertEqualsWithDelta(
            [20.0, 15.0],
            [$relay?->place->body?->pins['1']->x, $relay?->place->body?->pins['1']->y],
            1e-6,
            'a pin lies where the file flashes it',
        );
        self::assertEqualsWithDelta(
            [1.0, 0.0],
            [$relay?->place->body?->centre->x - 20.0, $relay?->place->body?->centre->y - 10.0],
            1e-6,
            'a body off the placement point',
        );
    }

    public function test_the_outline_comes_from_the_profile_where_kit_json_gives_none(): void
    {
        self::assertEqualsWithDelta(1200.0, self::kit()->boards[0]->outline->area(), 1e-6);
        self::assertTrue(self::kit()->boards[0]->outlineGiven);
        self::assertEqualsWithDelta(
            100.0,
            self::kit([
                'kit.json' => '{"board": {"outline": [[0,0],[10,0],[10,10],[0,10]]}}',
            ])->boards[0]->outline->area(),
            1e-6,
            'what the maker types goes before',
        );
    }

    public function test_a_file_belongs_to_the_board_in_its_name(): void
    {
        $kit = self::kit([
            'kit.json' => '{"boards": [{"name": "main"}, {"name": "lamps"}]}',
            'lamps-top.gbr' => '%TF.FileFunction,Component,L1,Top*%' . self::HEAD . 'D10*%TO.C,U1*%X0Y0D03*M02*',
            'top.gbr' => self::top(''),
        ]);

        self::assertSame(
            ['main', 'lamps'],
            [$kit->part('K1')?->place->placement?->board, $kit->part('U1')?->place->placement?->board],
        );
    }

    public function test_what_contradicts_the_table_or_the_list_is_told(): void
    {
        $kit = self::kit([
            'placements.csv' => "Ref,X,Y,Rotation,Side\nK1,25,10,90,top\nR1,5,5,0,bottom\n",
            'top.gbr' => str_replace('TO.CVal,5 V', 'TO.CVal,12 V', self::top()),
        ]);

        self::assertSame(
            ['K1'],
            array_values(
                array_map(
                    static fn(Problem $problem): mixed => $problem->args['designator'],
                    array_filter(
                        $kit->findings->problems,
                        static fn(Problem $problem): bool => $problem->code === 'placement.two-sources',
                    ),
                ),
            ),
        );
        self::assertSame(
            ['K1'],
            array_merge(
                ...array_map(
                    static fn(Matter $matter): array => $matter->designators,
                    array_filter(
                        (new Reviewer())->matters($kit, (new Planner())->plan($kit)),
                        static fn(Matter $matter): bool => $matter->code === 'board.file-value',
                    ),
                ),
            ),
        );
        self::assertSame(20.0, $kit->part('K1')?->place->placement?->at->x);
    }

    public function test_a_file_that_cannot_be_read_is_a_problem_and_the_kit_is_read_all_the_same(): void
    {
        $kit = self::kit([
            'top.gbr' => "%FSLAX46Y46*%\n%MOMM*%\nHELLO*\n",
            'old.gbr' => '%FSLAX46Y46*%%MOMM*%M02*',
            'profile.gbr' => '%TF.FileFunction,Profile,NP*%%FSLAX46Y46*%%MOMM*%G01*X0Y0D02*X5000000D01*M02*',
        ]);
        $codes = array_map(
            static fn(Problem $problem): array => [$problem->code, $problem->file, $problem->row],
            array_values(
                array_filter(
                    $kit->findings->problems,
                    static fn(Problem $problem): bool => str_starts_with($problem->code, 'layer.'),
                ),
            ),
        );

        self::assertSame(
            [
                ['layer.no-function', 'old.gbr', null],
                ['layer.open-profile', 'profile.gbr', null],
                ['layer.operation', 'top.gbr', 3],
            ],
            $codes,
        );
        self::assertCount(3, $kit->parts);
    }

    /** @param array<string, string> $files put over the usual ones */
    private static function kit(array $files = []): Kit
    {
        return (new KitReader())->read(
            $files + [
                'bom.csv' => self::BOM,
                'top.gbr' => self::top(),
                'bottom.gbr' =>
                    '%TF.FileFunction,Component,L2,Bot*%' .
                    self::HEAD .
                    'D10*%TO.C,R1*%%TO.CRot,180*%X5000000Y5000000D03*M02*',
                'profile.gbr' =>
                    '%TF.FileFunction,Profile,NP*%%FSLAX46Y46*%%MOMM*%%ADD10C,0.1*%D10*G01*X0Y0D02*X40000000D01*Y30000000D01*X0D01*Y0D01*M02*',
            ],
        );
    }

    private static function top(
        string $chip = '%TD*%D10*%TO.C,U1*%%TO.CRot,0*%%TO.CPgN,DIP-8*%X30000000Y10000000D03*',
    ): string {
        // K1 at 20, 10 turned by 90 degrees: its pin 1 five to the right of its own zero lies five above; its body 18 x 15, one to the right on the board.
        return '%TF.FileFunction,Component,L1,Top*%' .
            self::HEAD .
            'D10*%TO.C,K1*%%TO.CRot,90*%%TO.CVal,5 V*%%TO.CHgt,14.2*%X20000000Y10000000D03*' .
            'D12*%TO.P,K1,1*%X20000000Y15000000D03*%TO.P,K1,2*%X20000000Y5000000D03*%TD.P*%' .
            'D11*X13500000Y1000000D02*X28500000D01*Y19000000D01*X13500000D01*Y1000000D01*' .
            $chip .
            'M02*';
    }
}
