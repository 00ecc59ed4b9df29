<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Supply\RunOut;
use ChiralexAdapters\Program;
use PHPUnit\Framework\TestCase;

/** The days on which kits run out against SciPy: by its beta prime distribution, and by drawing a rate and then the orders. */
final class RunOutAgainstScipyTest extends TestCase
{
    private const PYTHON = <<<'PY'
        import json, sys
        import numpy
        from scipy.stats import betaprime
        random = numpy.random.default_rng(22)
        out = []
        for ordered, weeks, left in json.load(sys.stdin):
            exact = [7 * weeks * float(betaprime.ppf(share, left, ordered + 0.5)) for share in (0.05, 0.5, 0.95)]
            rates = random.gamma(ordered + 0.5, 1 / weeks, 40000)
            drawn = 7 * random.gamma(left, 1, 40000) / rates
            out.append([exact, [float(each) for each in numpy.quantile(drawn, (0.05, 0.5, 0.95))]])
        print(json.dumps(out))
        PY;

    public function test_days_are_those_of_the_distribution_and_of_orders_that_are_drawn(): void
    {
        mt_srand(22);
        $cases = [[0, 1, 1], [34, 12, 20], [400, 26, 1], [5, 26, 300]];
        while (count($cases) < 80) {
            $cases[] = [mt_rand(0, 200), mt_rand(1, 26), mt_rand(1, 120)];
        }
        $solved = json_decode(Program::run(['python3', '-c', self::PYTHON], (string) json_encode($cases), 120), true);

        self::assertIsArray($solved);
        foreach ($cases as $index => [$ordered, $weeks, $left]) {
            $ours = RunOut::of($ordered, $weeks, $left);
            foreach ([$ours->earliest, $ours->middle, $ours->latest] as $at => $day) {
                [$exact, $drawn] = [(float) $solved[$index][0][$at], (float) $solved[$index][1][$at]];
                self::assertSame(
                    $exact > RunOut::FAR ? null : (int) floor($exact + 1e-7),
                    $day,
                    "{$ordered} {$weeks} {$left}",
                );
                if ($ordered > 10 && $left > 10) {
                    self::assertEqualsWithDelta($exact, $drawn, 1.0 + 0.04 * $exact);
                }
            }
        }
    }
}
