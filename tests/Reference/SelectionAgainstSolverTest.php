<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Bench\Selection;
use Chiralex\Kit\Measurement;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Pairs of a lot against an integer program solved by glpsol (GNU GLPK): most pairs, then least total difference. */
final class SelectionAgainstSolverTest extends TestCase
{
    public function test_pairs_of_lots_of_thirty_equal_the_solvers(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($round = 0; $round < 4; ++$round) {
            $values = [];
            for ($i = 0; $i < 30; ++$i) {
                $values[] = $random->getInt(6000, 6400) / 10000;
            }
            $found = Selection::of(
                array_map(
                    static fn(float $value, int $index): Measurement => new Measurement(
                        'D',
                        '',
                        (string) $index,
                        '',
                        $value,
                    ),
                    $values,
                    array_keys($values),
                ),
                2,
                0.002,
            );
            [$pairs, $total] = self::solved($values, 0.002);

            self::assertCount($pairs, $found->kits, "round {$round}");
            self::assertEqualsWithDelta($total, $found->total, 1e-7, "round {$round}");
        }
    }

    /**
     * @param list<float> $values
     * @return array{int, float}
     */
    private static function solved(array $values, float $most): array
    {
        $count = count($values);
        $costs = [];
        for ($i = 0; $i < $count; ++$i) {
            for ($j = $i + 1; $j < $count; ++$j) {
                if (abs($values[$i] - $values[$j]) <= $most + 1e-12) {
                    $costs["p_{$i}_{$j}"] = abs($values[$i] - $values[$j]);
                }
            }
        }
        // One pair more outweighs every difference.
        $objective = implode(
            ' ',
            array_map(
                static fn(string $name, float $cost): string => sprintf('+ %.7F %s', 1.0 - $cost, $name),
                array_keys($costs),
                array_values($costs),
            ),
        );
        $rows = '';
        for ($i = 0; $i < $count; ++$i) {
            $mine = array_filter(
                array_keys($costs),
                static fn(string $name): bool => in_array((string) $i, array_slice(explode('_', $name), 1), true),
            );
            $rows .= $mine === [] ? '' : ' c' . $i . ': ' . implode(' + ', $mine) . " <= 1\n";
        }
        $base = sys_get_temp_dir() . '/chiralex-pairs-' . getmypid();
        file_put_contents(
            "{$base}.lp",
            "Maximize\n obj: {$objective}\nSubject To\n{$rows}Binary\n " .
                implode("\n ", array_keys($costs)) .
                "\nEnd\n",
        );
        shell_exec('glpsol --lp ' . escapeshellarg("{$base}.lp") . ' -w ' . escapeshellarg("{$base}.sol") . ' 2>&1');
        $solution = (string) file_get_contents("{$base}.sol");
        array_map(unlink(...), ["{$base}.lp", "{$base}.sol"]);
        $names = array_keys($costs);
        preg_match_all('~^j (\d+) 1$~m', $solution, $chosen);
        // glpsol numbers columns in the order of their first appearance, which is that of the objective.
        $picked = array_map(static fn(string $number): string => $names[(int) $number - 1] ?? '', $chosen[1]);

        return [count($picked), array_sum(array_map(static fn(string $name): float => $costs[$name] ?? 0.0, $picked))];
    }
}
