<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Bench\Reading;
use Chiralex\Bench\Readings;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Worst cases against the global optimiser of SciPy (differential evolution), central 95 % against percentiles of NumPy's own draws. */
final class ReadingsAgainstOptimiserTest extends TestCase
{
    private const LIST = [
        'R1,10k 5%,Axial 1/4W,resistor',
        'R2,22k 1%,Axial 1/4W,resistor',
        'R3,4k7 10%,Axial 1/4W,resistor',
        'C1,100n 10%,5mm,film capacitor',
        'C2,10u 20%,5x11,electrolytic',
        'L1,1mH 10%,axial,inductor',
    ];

    /** @return array<string, array{string, string, list<string>}> the formula, the same in Python, and its parts */
    public static function formulas(): array
    {
        return [
            'timer' => ['astable(R1, R2, C2)', '1/(log(2)*(x[0]+2*x[1])*x[2])', ['R1', 'R2', 'C2']],
            'divider' => ['divider(5 V, R1, R2)', '5*x[1]/(x[0]+x[1])', ['R1', 'R2']],
            'divider of three' => ['divider(9 V, R1 + R3, R2)', '9*x[1]/(x[0]+x[2]+x[1])', ['R1', 'R2', 'R3']],
            'corner' => ['cutoff(R1, C1)', '1/(2*pi*x[0]*x[1])', ['R1', 'C1']],
            'resonance' => ['lc(L1, C1)', '1/(2*pi*sqrt(x[0]*x[1]))', ['L1', 'C1']],
            'regulator' => ['regulator(1.25 V, R3, R1)', '1.25*(1+x[1]/x[0])', ['R3', 'R1']],
            'an extreme inside the box' => [
                'R1 * R3 / ((R1 + 2 * R3) * (R1 + 2 * R3))',
                'x[0]*x[1]/(x[0]+2*x[1])**2',
                ['R1', 'R3'],
            ],
            'a difference of dividers' => [
                'divider(5 V, R1, R2) - divider(5 V, R1, R3)',
                '5*x[1]/(x[0]+x[1])-5*x[2]/(x[0]+x[2])',
                ['R1', 'R2', 'R3'],
            ],
        ];
    }

    /** @param list<string> $parts */
    #[DataProvider('formulas')]
    public function test_the_range_equals_the_optimisers(string $formula, string $python, array $parts): void
    {
        $reading = (new Readings(KitMaker::kit(self::LIST)))->of($formula);
        self::assertInstanceOf(Reading::class, $reading);
        [$low, $high, $usualLow, $usualHigh] = self::optimised(
            $python,
            array_map(
                static fn(string $part): array => [
                    $reading->parts[$part]->range->low,
                    $reading->parts[$part]->range->high,
                ],
                $parts,
            ),
        );

        $close = 2e-4 * abs($high);
        self::assertEqualsWithDelta(
            [$low, $high],
            [$reading->spread->worst->low, $reading->spread->worst->high],
            $close,
        );
        self::assertLessThanOrEqual($low + 1e-9 * abs($low), $reading->spread->worst->low);
        self::assertGreaterThanOrEqual($high - 1e-9 * abs($high), $reading->spread->worst->high);
        // 4,000 draws against 400,000: the ends of the central 95 % within 2 % of its width.
        self::assertEqualsWithDelta(
            [$usualLow, $usualHigh],
            [$reading->spread->usual->low, $reading->spread->usual->high],
            0.02 * ($usualHigh - $usualLow),
        );
    }

    /** @return array<string, array{string, string}> spread, the same in NumPy on -1 to 1 */
    public static function spreads(): array
    {
        return [
            'crowded about the middle' => ['bell', 'stats.truncnorm.rvs(-3, 3, size=(2, 400000), random_state=7) / 3'],
            'the middle half sorted out' => [
                'hollow',
                'numpy.random.default_rng(7).choice([-1, 1], (2, 400000)) * numpy.random.default_rng(8).uniform(0.5, 1, (2, 400000))',
            ],
        ];
    }

    #[DataProvider('spreads')]
    public function test_the_central_95_percent_of_a_divider_equals_numpys_for_other_spreads(
        string $spread,
        string $python,
    ): void {
        $reading = (new Readings(
            KitMaker::kit(
                ['R1,10k 5%,Axial 1/4W,resistor', 'R2,22k 1%,Axial 1/4W,resistor'],
                [],
                ['lines' => ['R1' => ['spread' => $spread], 'R2' => ['spread' => $spread]]],
            ),
        ))->of('divider(5 V, R1, R2)');
        self::assertInstanceOf(Reading::class, $reading);
        $program = <<<PY
            import numpy
            from scipy import stats
            t = {$python}
            r1, r2 = 10000 * (1 + 0.05 * t[0]), 22000 * (1 + 0.01 * t[1])
            print(*[repr(float(q)) for q in numpy.percentile(5 * r2 / (r1 + r2), [2.5, 97.5])])
            PY;
        $out = (string) shell_exec('/usr/bin/python3 -c ' . escapeshellarg($program) . ' 2>&1');
        $ends = array_map(floatval(...), explode(' ', trim($out)));
        self::assertCount(2, $ends, $out);
        // The tail of a bell is thin: the end of the central 95 % of 4,000 draws has a standard error of 1.1 % of its width.
        self::assertEqualsWithDelta(
            $ends,
            [$reading->spread->usual->low, $reading->spread->usual->high],
            0.035 * ($ends[1] - $ends[0]),
        );
    }

    /**
     * @param list<array{float, float}> $bounds
     * @return array{float, float, float, float}
     */
    private static function optimised(string $python, array $bounds): array
    {
        $box = json_encode($bounds, JSON_THROW_ON_ERROR);
        $program = <<<PY
            from math import log, pi
            import numpy
            from numpy import sqrt
            from scipy.optimize import differential_evolution
            box = numpy.array({$box})
            def f(x):
                return {$python}
            def scaled(u):
                return box[:, 0] + numpy.asarray(u) * (box[:, 1] - box[:, 0])
            size = abs(f(scaled([0.5] * len(box))))
            unit = [(0, 1)] * len(box)
            low = differential_evolution(lambda u: f(scaled(u)) / size, unit, seed=1, tol=1e-12).fun * size
            high = -differential_evolution(lambda u: -f(scaled(u)) / size, unit, seed=1, tol=1e-12).fun * size
            shares = numpy.random.default_rng(7).uniform(0, 1, (len(box), 400000))
            draws = f(list(shares * (box[:, 1:] - box[:, :1]) + box[:, :1]))
            print(repr(float(low)), repr(float(high)), *[repr(float(q)) for q in numpy.percentile(draws, [2.5, 97.5])])
            PY;
        $out = (string) shell_exec('/usr/bin/python3 -c ' . escapeshellarg($program) . ' 2>&1');
        $numbers = array_map(floatval(...), explode(' ', trim($out)));
        self::assertCount(4, $numbers, $out);

        return [$numbers[0], $numbers[1], $numbers[2], $numbers[3]];
    }
}
