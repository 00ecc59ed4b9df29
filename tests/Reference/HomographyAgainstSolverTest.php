<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Board\Homography;
use Chiralex\Board\Point;
use ChiralexAdapters\Program;
use PHPUnit\Framework\TestCase;

/** The perspective of four points against NumPy's own solution: the null space of the eight equations, by singular values. */
final class HomographyAgainstSolverTest extends TestCase
{
    private const PYTHON = <<<'PY'
        import json, sys, numpy
        out = []
        for case in json.load(sys.stdin):
            rows = []
            for (x, y), (u, v) in zip(case["from"], case["to"]):
                rows += [[x, y, 1, 0, 0, 0, -u * x, -u * y, -u], [0, 0, 0, x, y, 1, -v * x, -v * y, -v]]
            h = numpy.linalg.svd(numpy.array(rows, dtype=float))[2][-1].reshape(3, 3)
            p = h @ numpy.array([*case["at"], 1.0])
            out.append([p[0] / p[2], p[1] / p[2]])
        print(json.dumps(out))
        PY;

    public function test_a_point_goes_where_singular_values_take_it(): void
    {
        mt_srand(16);
        $cases = $ours = [];
        while (count($cases) < 30) {
            $from = [[0, 0], [900, 0], [900, 600], [0, 600]];
            $to = array_map(
                static fn(array $at): array => [$at[0] + mt_rand(-150, 150) + 200, $at[1] + mt_rand(-150, 150) + 200],
                $from,
            );
            $at = [mt_rand(0, 900), mt_rand(0, 600)];
            $points = static fn(array $all): array => array_map(
                static fn(array $each): Point => new Point((float) $each[0], (float) $each[1]),
                $all,
            );
            $turn = Homography::between($points($from), $points($to));
            self::assertNotNull($turn);
            $there = $turn->point(new Point((float) $at[0], (float) $at[1]));
            $ours[] = [$there->x, $there->y];
            $cases[] = ['from' => $from, 'to' => $to, 'at' => $at];
        }
        $solved = json_decode(Program::run(['python3', '-c', self::PYTHON], (string) json_encode($cases)), true);

        self::assertIsArray($solved);
        foreach ($solved as $index => $place) {
            self::assertEqualsWithDelta($place, $ours[$index], 1e-6, (string) json_encode($cases[$index]));
        }
    }
}
