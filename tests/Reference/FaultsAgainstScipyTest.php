<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Fault\FamilyRow;
use Chiralex\Fault\FaultStudy;
use Chiralex\Fault\KitReport;
use Chiralex\Fault\ShippedKit;
use ChiralexAdapters\Program;
use DateTimeImmutable;
use PHPUnit\Framework\TestCase;

/** Chances of families against SciPy's exact test, adjusted by the definition of the false discovery rate; intervals against its binomial test. */
final class FaultsAgainstScipyTest extends TestCase
{
    private const PYTHON = <<<'PY'
        import json, sys
        from scipy.stats import binomtest, fisher_exact
        def control(ps): # Benjamini and Hochberg 1995, by their definition: every p_j m / j of those no smaller
            order = sorted(ps)
            return [min(order[j] * len(order) / (j + 1) for j in range(len(order)) if order[j] >= p) for p in ps]
        out = []
        for kits, reported, rows in json.load(sys.stdin):
            ps = [None if hit < 3 else fisher_exact([[hit, of - hit], [reported - hit, kits - of - reported + hit]],
                alternative='greater')[1] for of, hit in rows]
            known = [p for p in ps if p is not None]
            qs = iter(control(known))
            interval = binomtest(reported, kits).proportion_ci(0.95, 'wilson')
            out.append([ps, [None if p is None else next(qs) for p in ps], [interval.low, interval.high]])
        print(json.dumps(out))
        PY;

    public function test_every_chance_is_the_one_that_scipy_finds(): void
    {
        mt_srand(1902);
        $cases = $studies = [];
        for ($i = 0; $i < 60; ++$i) {
            $study = self::shop(mt_rand(20, 400), mt_rand(1, 25));
            $rows = array_merge(...array_values($study->families));
            $studies[] = [$study, $rows];
            $cases[] = [
                $study->kits,
                $study->reported,
                array_map(static fn(FamilyRow $row): array => [$row->kits, $row->reported], $rows),
            ];
        }
        $solved = json_decode(Program::run(['python3', '-c', self::PYTHON], (string) json_encode($cases), 120), true);
        self::assertIsArray($solved);
        foreach ($studies as $index => [$study, $rows]) {
            [$ps, $qs, $interval] = $solved[$index];
            self::assertEqualsWithDelta($ps, array_column($rows, 'p'), 1e-9);
            self::assertEqualsWithDelta($qs, array_column($rows, 'q'), 1e-9);
            self::assertEqualsWithDelta($interval, [$study->interval->low, $study->interval->high], 1e-9);
        }
    }

    private static function shop(int $kits, int $percent): FaultStudy
    {
        $shipped = $reports = [];
        for ($i = 0; $i < $kits; ++$i) {
            $lot = mt_rand(0, 4);
            $shipped[] = new ShippedKit(
                "K{$i}",
                ['A', 'B'][mt_rand(0, 1)],
                [[], ['L1'], ['L2'], ['L3'], ['L4']][$lot],
                (string) mt_rand(1, 6),
                ['', 'box'][mt_rand(0, 1)],
                '2026-06-01',
            );
            if (mt_rand(1, 100) <= $percent * ($lot === 2 ? 3 : 1)) {
                $reports[] = new KitReport('2026-07-01', "K{$i}");
            }
        }

        return FaultStudy::of($shipped, $reports, new DateTimeImmutable('2026-09-15'));
    }
}
