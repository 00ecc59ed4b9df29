<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board\Files;

use Chiralex\Board\Files\RoleFinder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Names of fabrication files: common practice, no source; attributes: the published layer format. */
final class RoleFinderTest extends TestCase
{
    private const LAYER = "%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,0.2*%\nD10*\nM02*\n";
    private const DRILL = "M48\nMETRIC\nT1C1\n%\nT1\nX1.0Y1.0\nM30\n";

    /** @return iterable<string, array{string, string, string, string}> name, bytes, role, how */
    public static function files(): iterable
    {
        $attributes = [
            'Profile,NP' => 'outline',
            'Legend,Top' => 'legend-top',
            'Legend,Bot' => 'legend-bottom',
            'Copper,L1,Top' => 'copper-top',
            'Copper,L2,Inr' => 'other',
            'Soldermask,Bot' => 'mask-bottom',
        ];
        foreach ($attributes as $said => $role) {
            yield "attribute {$said}" => ['x.gbr', "%TF.FileFunction,{$said}*%\n" . self::LAYER, $role, 'attribute'];
        }
        yield 'attribute in a comment' => [
            'x.gbr',
            "G04 #@! TF.FileFunction,Legend,Top*\n" . self::LAYER,
            'legend-top',
            'attribute',
        ];
        yield 'attribute of holes' => [
            'x.txt',
            "M48\n; #@! TF.FileFunction,NonPlated,1,2,NPTH\n%\nM30\n",
            'drill',
            'attribute',
        ];
        foreach (
            [
                'board.GTO' => 'legend-top',
                'board.gbo' => 'legend-bottom',
                'board.gts' => 'mask-top',
                'board.gbl' => 'copper-bottom',
                'board.gko' => 'outline',
                'silk_top.gbr' => 'legend-top',
                'bottom-legend.ger' => 'legend-bottom',
                'outline.gbr' => 'outline',
                'mask-bottom.gbr' => 'mask-bottom',
            ] as $name => $role
        ) {
            yield "name {$name}" => [$name, self::LAYER, $role, 'name'];
        }
        yield 'name of holes' => ['board.drl', self::DRILL, 'drill', 'name'];
        yield 'content of holes' => ['holes.tap', self::DRILL, 'drill', 'content'];
        yield 'a layer of which nothing is told' => ['front.art', self::LAYER, 'legend-top', 'unknown'];
        yield 'a layer of the other side' => ['back.art', self::LAYER, 'legend-bottom', 'unknown'];
        yield 'the parts list' => ['bom.csv', "designator\nR1\n", 'parts', 'name'];
        yield 'a table with places' => ['extra.csv', "ref,x,y,rotation\nR1,1,2,0\n", 'places', 'unknown'];
        yield 'a table without' => ['extra.csv', "ref,value\nR1,1k\n", 'parts', 'unknown'];
        yield 'a photograph' => ['front.jpg', 'x', 'photo', 'name'];
        yield 'anything' => ['odd.bin', "\0\1", 'other', 'unknown'];
        yield 'nothing' => ['empty', '', 'other', 'unknown'];
    }

    #[DataProvider('files')]
    public function test_what_a_file_is_and_by_what_it_is_known(
        string $name,
        string $bytes,
        string $role,
        string $how,
    ): void {
        $fate = (new RoleFinder())->of($name, $bytes);

        self::assertSame([$role, $how], [$fate->role->value, $fate->how]);
        self::assertSame($how !== 'unknown', $fate->isKnown());
    }

    public function test_the_maker_is_believed_before_all(): void
    {
        $roles = new RoleFinder(['Front.art' => 'legend-bottom', 'bom.csv' => 'other']);

        self::assertSame('legend-bottom', $roles->of('front.art', self::LAYER)->role->value);
        self::assertSame('maker', $roles->of('bom.csv', "designator\n")->how);
    }
}
