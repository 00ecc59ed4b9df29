<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Bagging\Weighing\Contents;
use Chiralex\Bagging\Weighing\LineMass;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Kit\Weighing;
use ChiralexAdapters\Program;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Windows and chances of random bags against the formulas written once more with SciPy's t distribution. */
final class ScaleAgainstScipyTest extends TestCase
{
    private const PYTHON = <<<'PY'
        import json, sys
        from math import floor, ceil, sqrt
        from scipy.stats import t
        d, r, alarm = 0.01, 0.01, 0.01
        def line(ws):
            n = sum(a for a, g in ws); m = sum(g for a, g in ws) / n; w = len(ws)
            s2 = max(sum((g - a * m) ** 2 / a for a, g in ws) / (w - 1), d * d / (12 * n / w))
            return n, m, s2, w
        def bag(lines, ks):
            vs = [(k * s2 + k * k * s2 / n, w) for (n, m, s2, w), k in zip(lines, ks)]
            var = sum(v for v, w in vs) + 2 * (r * r + d * d / 12)
            rest = sum(v * v / (w - 1) for v, w in vs)
            return sum(k * l[1] for l, k in zip(lines, ks)), sqrt(var), var * var / rest if rest > 0 else 1e12
        out = []
        for ws, ks in json.load(sys.stdin):
            lines = [line(w) for w in ws]
            e, sd, df = bag(lines, ks)
            h = t.ppf(1 - alarm / 2, df) * sd
            low, high = floor((e - h) / d + 1e-9) * d, ceil((e + h) / d - 1e-9) * d
            e2, sd2, df2 = bag(lines, [ks[0] - 1] + ks[1:])
            out.append([e, sd, df, low, high, t.cdf((low - e2) / sd2, df2) + t.sf((high - e2) / sd2, df2)])
        print(json.dumps(out))
        PY;

    public function test_windows_and_chances_are_those_of_scipy(): void
    {
        $random = new Randomizer(new Mt19937(8));
        $cases = $ours = [];
        for ($case = 0; $case < 120; ++$case) {
            $lines = $counts = [];
            for ($line = $random->getInt(1, 8); $line > 0; --$line) {
                $each = $random->getInt(30, 9000) / 1000;
                $weighings = [];
                for ($times = $random->getInt(5, 9); $times > 0; --$times) {
                    $pieces = $random->getInt(1, 40);
                    $weighings[] = [$pieces, round($pieces * $each * (1 + $random->getInt(-30, 30) / 2000), 2)];
                }
                $lines[] = $weighings;
                $counts[] = $random->getInt(1, 12);
            }
            $cases[] = [$lines, $counts];
            $ours[] = self::ours($lines, $counts);
        }
        $theirs = json_decode(Program::run(['python3', '-c', self::PYTHON], (string) json_encode($cases), 60), true);

        self::assertIsArray($theirs);
        foreach ($ours as $index => $figures) {
            foreach ($figures as $place => $figure) {
                $delta = 1e-7 * max(1.0, abs($figure));
                self::assertEqualsWithDelta($theirs[$index][$place], $figure, $delta, "case {$index}, {$place}");
            }
        }
    }

    /**
     * @param list<list<array{int, float}>> $lines
     * @param list<int> $counts
     * @return list<float>
     */
    private static function ours(array $lines, array $counts): array
    {
        $scale = new Scale();
        $masses = [];
        $contents = Contents::nothing($scale);
        foreach ($lines as $index => $weighings) {
            $mass = LineMass::of(
                array_map(static fn(array $each): Weighing => new Weighing('R1', $each[0], $each[1]), $weighings),
                $scale->division,
            );
            self::assertNotNull($mass);
            $masses[] = $mass;
            $contents = $contents->with($mass, $counts[$index]);
        }
        $window = $contents->window($scale);
        $less = $contents->changed($masses[0], $counts[0], $counts[0] - 1);

        return [
            $contents->mean,
            $contents->deviation(),
            $contents->freedom(),
            $window->low,
            $window->high,
            $less->outside($window),
        ];
    }
}
