<?php

declare(strict_types=1);

// Targets of packing: bags by cost, cutting with its ratio to glpsol, the scale's proof, kits with holes; used by bin/lib/bench.php.

use Chiralex\Bagging\BagPlanner;
use Chiralex\Bagging\Internal\BarProblem;
use Chiralex\Bagging\Internal\BarSolver;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Bagging\Weighing\ScaleProof;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\Sorting;
use Chiralex\Supply\Completion;
use Chiralex\Tests\KitMaker;

/**
 * @param callable(string, float, float): void $tell
 * @param callable(callable(): mixed, int): float $time
 */
return static function (callable $tell, callable $time, Kit $large): void {
    $twelve = KitMaker::kit([
        ...array_map(static fn(int $i): string => sprintf('R%d,%dk7 5%%,Axial 1/4W,resistor', $i, $i), range(1, 7)),
        ...[
            'D1,1N4148,DO-35,diode',
            'ZD1,5V1,DO-35,zener diode',
            'C1,47n,Ceramic disc 5mm,ceramic',
            'C2,100n,Ceramic disc 5mm,ceramic',
        ],
        'J1,2 way,TerminalBlock 5.08,terminal block',
    ]);
    $cheap = static fn(Kit $kit): mixed => (new BagPlanner())->plan($kit, null, Sorting::ByCost);
    $tell('bags by cost, 12 items exact', $time(static fn() => $cheap($twelve), 3), 200);
    $tell('bags by cost, 300 parts', $time(static fn() => $cheap($large), 3), 1000);

    mt_srand(1000);
    $sizes = [];
    while (count($sizes) < 12) {
        $sizes[mt_rand(40, 400)] = 0;
    }
    for ($piece = 0; $piece < 1000; ++$piece) {
        $key = array_rand($sizes);
        ++$sizes[$key];
    }
    $problem = BarProblem::of(1000, array_keys($sizes), array_values($sizes));
    $ms = $time(static fn() => (new BarSolver())->solve($problem), 3);
    $tell('cut 1,000 pieces of 12 lengths', $ms, 300);
    // The same question as an arc-flow integer program, on a bar a twentieth as fine, so that glpsol ends.
    $coarse = [];
    foreach ($sizes as $size => $count) {
        $coarse[(int) ceil($size / 20)] = ($coarse[(int) ceil($size / 20)] ?? 0) + $count;
    }
    $small = BarProblem::of(50, array_keys($coarse), array_values($coarse));
    $ours = $time(static fn() => (new BarSolver())->solve($small), 3);
    $file = sys_get_temp_dir() . '/chiralex-bench-bars-' . getmypid() . '.lp';
    file_put_contents($file, arcFlow(50, $coarse));
    $theirs = $time(static fn() => shell_exec('glpsol --tmlim 60 --lp ' . escapeshellarg($file) . ' 2>&1'), 1);
    unlink($file);
    printf(
        "%-42s %9.1f ms here, %.1f ms by glpsol: %.1f x as fast\n",
        'the same on bars of 50',
        $ours,
        $theirs,
        $theirs / $ours,
    );

    $rows = [];
    $masses = "part,pieces,grams\n";
    foreach (range(1, 300) as $i) {
        $rows[] = match ($i % 4) {
            0 => sprintf('R%d,%dk%d 5%%,Axial 1/4W,resistor', $i, 1 + ($i % 9), $i % 10),
            1 => sprintf('C%d,%dn,Ceramic disc 5mm,ceramic', $i, 1 + $i),
            2 => sprintf('U%d,CD4%03d,DIP-16,logic ic', $i, $i),
            default => sprintf('J%d,%d way,TerminalBlock 5.08,terminal block', $i, 2 + ($i % 12)),
        };
        $name = explode(',', $rows[count($rows) - 1])[0];
        foreach ([5, 5, 10, 10, 20, 20] as $pieces) {
            $masses .= sprintf("%s,%d,%.2f\n", $name, $pieces, $pieces * (0.2 + ($i % 40) / 10) + mt_rand(-2, 2) / 100);
        }
    }
    $weighed = (new KitReader())->read(KitMaker::files($rows) + ['masses.csv' => $masses]);
    $plan = (new BagPlanner())->plan($weighed, null);
    $tell('scale proof of 300 lines', $time(static fn() => ScaleProof::of($weighed, $plan, new Scale()), 5), 50);

    $lacks = [];
    foreach (range(0, 499) as $kit) {
        $lacks[] = [['A' => 1], ['A' => 2, 'B' => 1], ['B' => 1], ['A' => 1, 'C' => 3], ['D' => 2, 'C' => 1]][$kit % 5];
    }
    $left = ['A' => 180, 'B' => 90, 'C' => 160, 'D' => 75];
    $tell('holes of 500 kits', $time(static fn() => Completion::of($lacks, $left), 3), 200);
};

/** @param array<int, int> $sizes length to count */
function arcFlow(int $room, array $sizes): string
{
    $in = $out = array_fill(0, $room + 1, []);
    $rows = '';
    $names = ['z'];
    foreach ($sizes as $size => $count) {
        $mine = [];
        for ($at = 0; $at + $size <= $room; ++$at) {
            $out[$at][] = $in[$at + $size][] = $mine[] = $names[] = "x_{$at}_{$size}";
        }
        $rows .= " d{$size}: " . implode(' + ', $mine) . " >= {$count}\n";
    }
    for ($at = 0; $at < $room; ++$at) {
        $names[] = $out[$at][] = $in[$at + 1][] = "w_{$at}";
    }
    foreach (range(0, $room) as $at) {
        $flow = [...$out[$at], ...array_map(static fn(string $name): string => "- {$name}", $in[$at])];
        $rows .= " f{$at}: " . str_replace('+ -', '-', implode(' + ', $flow));
        $rows .= $at === 0 ? " - z = 0\n" : ($at === $room ? " + z = 0\n" : " = 0\n");
    }

    return "Minimize\n obj: z\nSubject To\n{$rows}General\n " . implode("\n ", $names) . "\nEnd\n";
}
