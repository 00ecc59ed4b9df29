<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Supply\Pace;
use ChiralexAdapters\Program;
use PHPUnit\Framework\TestCase;

/** Days by which runs are packed: SciPy's beta binomial with sums folded by NumPy, and shops whose days are drawn one by one. */
final class PaceAgainstScipyTest extends TestCase
{
    private const PYTHON = <<<'PY'
        import json, sys
        import numpy
        from scipy.stats import betabinom
        random = numpy.random.default_rng(31)
        out = []
        for days, packed, left, day in json.load(sys.stdin):
            with_, without = len(packed) + 0.5, days - len(packed) + 0.5
            one = numpy.bincount(packed) / len(packed)
            enough, sums = [1.0 if left <= 0 else 0.0], numpy.array([1.0])
            for _ in range(120):
                sums = numpy.convolve(sums, one)
                enough.append(float(sums[left:].sum()))
            hits = lambda t: betabinom.pmf(numpy.arange(t + 1), t, with_, without)
            chance = lambda t: float((hits(t) * numpy.array(enough[: t + 1])).sum())
            first = next((t for t in range(1, 121) if chance(t) >= 0.9), None)
            drawn = None
            if day is not None:
                share = random.beta(with_, without, 40000)
                many = random.binomial(day, share)
                kits = numpy.array([random.choice(packed, n).sum() if n else 0 for n in many[:20000]])
                drawn = float((kits >= left).mean())
            out.append([first, chance(day) if day else None, drawn])
        print(json.dumps(out))
        PY;

    public function test_days_and_chances_are_those_of_the_distribution_and_of_shops_that_are_drawn(): void
    {
        mt_srand(31);
        $cases = [];
        while (count($cases) < 40) {
            $days = mt_rand(5, 91);
            $packed = array_map(static fn(): int => mt_rand(1, 14), range(1, mt_rand(1, min($days, 25))));
            $left = mt_rand(1, 60);
            $cases[] = [$days, $packed, $left, (new Pace($days, $packed))->days([$left])[0]];
        }
        $asked = array_map(
            static fn(array $case): array => [$case[0], $case[1], $case[2], $case[3][0] ?? null],
            $cases,
        );
        $solved = json_decode(Program::run(['python3', '-c', self::PYTHON], (string) json_encode($asked), 120), true);

        self::assertIsArray($solved);
        $named = 0;
        foreach ($cases as $index => [$days, $packed, $left, $told]) {
            $says = json_encode([$days, $packed, $left]) ?: '';
            self::assertSame($solved[$index][0], $told[0] ?? null, $says);
            if ($told !== null) {
                ++$named;
                self::assertEqualsWithDelta($solved[$index][1], $told[1], 1e-9, $says);
                self::assertEqualsWithDelta($solved[$index][2], $told[1], 0.012, $says);
            }
        }
        self::assertGreaterThan(20, $named);
    }
}
