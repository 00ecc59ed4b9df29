<?php

declare(strict_types=1);

namespace Tests\Reference;

use Brick\Math\BigDecimal;
use Chiralex\Supply\Sampling;
use Chiralex\Supply\SamplingPlan;
use ChiralexAdapters\Program;
use PHPUnit\Framework\TestCase;

/** The least samples of single lots against SciPy's hypergeometric distribution, sample by sample from one piece on. */
final class SamplingAgainstScipyTest extends TestCase
{
    private const PYTHON = <<<'PY'
        import json, sys
        from fractions import Fraction
        from math import ceil
        from scipy.stats import hypergeom
        out = []
        for lot, worst, risk in json.load(sys.stdin):
            bad = ceil(Fraction(worst) * lot)
            plans = []
            for accept in (0, 1, 2):
                for sample in range(1, lot + 1):
                    if hypergeom.cdf(accept, lot, bad, sample) <= float(risk) + 1e-12:
                        plans.append([sample, accept])
                        break
            out.append(plans)
        print(json.dumps(out))
        PY;

    public function test_the_least_sample_is_the_one_that_scipy_finds(): void
    {
        mt_srand(18);
        $cases = [[2, '0.5', '0.5'], [60, '0.08', '0.1'], [1, '1', '0.1']];
        while (count($cases) < 120) {
            $cases[] = [
                mt_rand(1, mt_rand(0, 3) === 0 ? 900 : 120),
                sprintf('0.%03d', mt_rand(1, 400)),
                ['0.01', '0.05', '0.1', '0.2'][mt_rand(0, 3)],
            ];
        }
        $ours = array_map(
            static fn(array $case): array => array_map(
                static fn(SamplingPlan $plan): array => [$plan->sample, $plan->accept],
                Sampling::single($case[0], BigDecimal::of($case[1]), (float) $case[2]),
            ),
            $cases,
        );
        $solved = json_decode(Program::run(['python3', '-c', self::PYTHON], (string) json_encode($cases), 120), true);

        self::assertIsArray($solved);
        foreach ($cases as $index => $case) {
            self::assertSame($solved[$index], $ours[$index], implode(' ', $case));
        }
    }
}
