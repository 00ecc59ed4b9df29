<?php

declare(strict_types=1);

// Figures of buying and selling: the cheapest plan against glpsol on the same model, promises of 500 orders; called by bin/bench.
// Exit 1 when a target is missed.

use Brick\Math\BigDecimal;
use Chiralex\Kit\KitReader;
use Chiralex\Supply\Buying\BatchCurve;
use Chiralex\Supply\Buying\BuyingPlanner;
use Chiralex\Supply\Buying\KitLines;
use Chiralex\Supply\Buying\Market;
use Chiralex\Supply\Buying\Rate;
use Chiralex\Supply\Buying\Supplier;
use Chiralex\Supply\Buying\Tariff;
use Chiralex\Trade\Arrival;
use Chiralex\Trade\Promises;
use ChiralexAdapters\KitFiles;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Reference\BuyingModel;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

$failed = false;
$timed = static function (Closure $do): array {
    $began = hrtime(true);
    $result = $do();

    return [(hrtime(true) - $began) / 1e9, $result];
};
$tell = static function (string $what, float $seconds, float $target, string $more = '') use (&$failed): void {
    $failed = $failed || $seconds > $target;
    $word = $seconds > $target ? 'MISSED' : 'met';
    printf("%-36s %9.1f ms  target %.0f ms  %s%s\n", $what, 1000 * $seconds, 1000 * $target, $word, $more);
};
$random = new Randomizer(new Mt19937(60));
// Classes are loaded before anything is timed.
(new BuyingPlanner())->plan(...array_slice(BuyingModel::random($random, 2, 2), 0, 2));
$ratios = [];
for ($round = 0; $round < 10; ++$round) {
    [$market, $demands, $rows] = BuyingModel::random($random, 16, 4);
    [$seconds, $plan] = $timed(static fn() => (new BuyingPlanner())->plan($market, $demands));
    [$solving, $solved] = $timed(static fn() => BuyingModel::solve($market, $demands, $rows, 5));
    if ($plan->noOffer !== [] || !$plan->isProved() || $solved === null) {
        continue;
    }
    if ($solved !== $plan->total) {
        $failed = true;
        printf("glpsol says %d, the plan %d\n", $solved, $plan->total);
    }
    $ratios[] = $solving / $seconds;
}
sort($ratios);
$ratio = $ratios[intdiv(count($ratios), 2)] ?? 0.0;
$failed = $failed || $ratio < 10;
printf(
    "%-36s %9.1f x   target 10 x, in the middle of %d that both prove  %s\n",
    'buy 16 lines from 4: glpsol takes',
    $ratio,
    count($ratios),
    $ratio < 10 ? 'MISSED' : 'met',
);
foreach ([[60, 4, 1.0], [100, 8, 5.0]] as [$lines, $suppliers, $target]) {
    [$market, $demands] = BuyingModel::random($random, $lines, $suppliers);
    [$seconds, $plan] = $timed(static fn() => (new BuyingPlanner())->plan($market, $demands));
    $tell("buy {$lines} lines from {$suppliers}", $seconds, $target, $plan->isProved() ? ', proved' : ', not proved');
}
$orders = $arrivals = [];
for ($i = 0; $i < 500; ++$i) {
    $orders[] = [$random->getInt(1, 40) => $random->getInt(1, 6), $random->getInt(1, 40) => $random->getInt(1, 6)];
    $arrivals[] = new Arrival($random->getInt(1, 40), $random->getInt(0, 60), $random->getInt(0, 10));
}
[$seconds] = $timed(static fn() => Promises::of($orders, $arrivals));
$tell('promises of 500 orders', $seconds, 0.3);
// The largest demo kit, each line offered by four suppliers in two currencies with four breaks.
$lines = [];
$kit = (new KitReader())->read((new KitFiles())->fromPath(dirname(__DIR__, 2) . '/database/demo/kiln-watch'));
$needs = KitLines::of($kit);
foreach (array_keys($needs->lines) as $row) {
    $tariffs = [];
    foreach (range(0, 3) as $supplier) {
        $price = $random->getInt(200, 900);
        $tariffs[] = Tariff::with(
            $supplier,
            array_map(
                static fn(int $from, int $off): array => [
                    'from' => $from,
                    'price' => BigDecimal::ofUnscaledValue($price - $off, 4),
                ],
                [1, 25, 100, 500],
                [0, 20, 60, 120],
            ),
        );
    }
    $lines[] = ['pieces' => $needs->pieces($row), 'tariffs' => $tariffs];
}
$pound = Rate::parse('1.17') ?? exit(1);
$market = new Market(
    'EUR',
    [
        new Supplier('one', 'EUR', 490, 5000),
        new Supplier('two', 'EUR', 650, 8000, 1500),
        new Supplier('three', 'GBP', 380, 4000),
        new Supplier('four', 'GBP', 0, null, 2500),
    ],
    [Rate::same(), Rate::same(), $pound, $pound],
);
[$seconds, $curve] = $timed(static fn() => BatchCurve::of($market, $lines, 1, 500));
$tell('parts of 1 to 500 kits, ' . count($lines) . ' lines', $seconds, 3.0);
exit($failed ? 1 : 0);
