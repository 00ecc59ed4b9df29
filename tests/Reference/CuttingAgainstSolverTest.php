<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Bagging\Internal\BarProblem;
use Chiralex\Bagging\Internal\BarSolver;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Fewest bars against an integer program solved by glpsol (GNU GLPK): the arc-flow model, in which a bar is a path from its start to
 * its end and a piece an arc of its length (Valerio de Carvalho 1999).
 */
final class CuttingAgainstSolverTest extends TestCase
{
    public function test_bars_of_forty_positions_equal_the_solvers(): void
    {
        $random = new Randomizer(new Mt19937(18));
        for ($round = 0; $round < 10; ++$round) {
            $room = $random->getInt(24, 44);
            $sizes = [];
            for ($kind = $random->getInt(3, 12); $kind > 0; --$kind) {
                $sizes[$random->getInt(2, $room - 1)] = $random->getInt(1, 80);
            }
            $problem = BarProblem::of($room, array_keys($sizes), array_values($sizes));
            ['bars' => $bars, 'bound' => $bound] = (new BarSolver())->solve($problem);

            self::assertSame(self::solved($room, $sizes), count($bars), "round {$round}");
            self::assertSame($bound, count($bars), "round {$round}: proved");
        }
    }

    /** @param array<int, int> $sizes length to count */
    private static function solved(int $room, array $sizes): int
    {
        $in = $out = array_fill(0, $room + 1, []);
        $rows = '';
        $names = ['z'];
        foreach ($sizes as $size => $count) {
            $mine = [];
            for ($at = 0; $at + $size <= $room; ++$at) {
                $mine[] = $name = "x_{$at}_{$size}";
                $out[$at][] = $name;
                $in[$at + $size][] = $name;
            }
            $rows .= " d{$size}: " . implode(' + ', $mine) . " >= {$count}\n";
            array_push($names, ...$mine);
        }
        for ($at = 0; $at < $room; ++$at) {
            $names[] = $out[$at][] = $in[$at + 1][] = "w_{$at}";
        }
        foreach (range(0, $room) as $at) {
            $flow = [...$out[$at], ...array_map(static fn(string $name): string => "- {$name}", $in[$at])];
            $rows .= " f{$at}: " . str_replace('+ -', '-', implode(' + ', $flow));
            $rows .= $at === 0 ? " - z = 0\n" : ($at === $room ? " + z = 0\n" : " = 0\n");
        }
        $base = sys_get_temp_dir() . '/chiralex-bars-' . getmypid();
        file_put_contents(
            "{$base}.lp",
            "Minimize\n obj: z\nSubject To\n{$rows}General\n " . implode("\n ", $names) . "\nEnd\n",
        );
        shell_exec(
            'glpsol --cuts --lp ' . escapeshellarg("{$base}.lp") . ' -w ' . escapeshellarg("{$base}.sol") . ' 2>&1',
        );
        $solution = (string) file_get_contents("{$base}.sol");
        array_map(unlink(...), ["{$base}.lp", "{$base}.sol"]);
        self::assertSame(1, preg_match('~^s mip \d+ \d+ o (\d+)~m', $solution, $found), 'glpsol found the optimum');

        return (int) $found[1];
    }
}
