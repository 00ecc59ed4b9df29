<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Board\Lying;
use Chiralex\Board\Point;
use Chiralex\Board\SupportCloud;
use Chiralex\Board\SupportPoint;
use PHPUnit\Framework\TestCase;

/** The height of the table at the centre of mass against a linear program solved by glpsol (GNU GLPK). */
final class LieAgainstSolverTest extends TestCase
{
    public function test_the_height_at_the_centre_equals_the_solvers_on_random_boards(): void
    {
        mt_srand(41);
        for ($round = 0; $round < 12; ++$round) {
            $points = array_map(
                static fn(array $xy): SupportPoint => new SupportPoint($xy[0], $xy[1], 0.0, "corner {$xy[0]},{$xy[1]}"),
                $round % 2 === 0
                    ? [[0.0, 0.0], [80.0, 0.0], [80.0, 50.0], [0.0, 50.0]]
                    : [[0.0, 0.0], [80.0, 0.0], [80.0, 20.0], [30.0, 20.0], [30.0, 50.0], [0.0, 50.0]],
            );
            for ($i = 0; $i < 10 * ($round + 1); ++$i) {
                $points[] = new SupportPoint(mt_rand(0, 800) / 10, mt_rand(0, 500) / 10, mt_rand(0, 160) / 10, "P{$i}");
            }
            $centre = new Point(mt_rand(250, 290) / 10, mt_rand(150, 190) / 10);
            $lie = (new Lying())->settle(SupportCloud::of($points), $centre);

            self::assertEqualsWithDelta(
                self::solve($points, $centre),
                $lie->plane->at($centre),
                1e-6,
                "round {$round}",
            );
        }
    }

    /** @param list<SupportPoint> $points */
    private static function solve(array $points, Point $centre): float
    {
        $model = "var h; var gx; var gy;\nminimize height: h + gx * {$centre->x} + gy * {$centre->y};\n";
        foreach ($points as $index => $point) {
            $model .= sprintf("c%d: h + gx * %.10F + gy * %.10F >= %.10F;\n", $index, $point->x, $point->y, $point->z);
        }
        $folder = dirname(__DIR__, 2) . '/var';
        file_put_contents(
            "{$folder}/lie.mod",
            $model . "solve;\nprintf \"height %.12f\\n\", h + gx * {$centre->x} + gy * {$centre->y};\nend;\n",
        );
        $out = (string) shell_exec('glpsol --math ' . escapeshellarg("{$folder}/lie.mod") . ' 2>&1');
        self::assertSame(1, preg_match('~^height (-?[\d.]+)$~m', $out, $found), $out);

        return (float) $found[1];
    }
}
