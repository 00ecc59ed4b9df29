<?php

declare(strict_types=1);

// Figures of faults: the next check of the largest demo kit, rates over 50,000 reports; called by bin/bench. Exit 1 when a target is missed.

use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Fault\Diagnosis\Diagnostician;
use Chiralex\Fault\Diagnosis\ModelMaker;
use Chiralex\Fault\FaultStudy;
use Chiralex\Fault\KitReport;
use Chiralex\Fault\Likeness\Likeness;
use Chiralex\Fault\Likeness\WrittenReport;
use Chiralex\Fault\ShippedKit;
use Chiralex\Kit\KitReader;
use ChiralexAdapters\KitFiles;
use ChiralexRender\Document\TroubleDocument;
use ChiralexRender\Words;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

$failed = false;
$tell = static function (string $what, float $target, Closure $do) use (&$failed): void {
    $times = [];
    for ($i = 0; $i < 5; ++$i) {
        $began = hrtime(true);
        $do();
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    sort($times);
    $failed = $failed || $times[2] > $target;
    printf("%-44s %7.1f ms  target %.0f ms  %s\n", $what, $times[2], $target, $times[2] > $target ? 'MISSED' : 'met');
};
$kit = (new KitReader())->read((new KitFiles())->fromPath(dirname(__DIR__, 2) . '/database/demo/kiln-watch'));
$order = (new Planner())->plan($kit);
$model = (new ModelMaker())->of($kit, $order instanceof BuildOrder ? $order : null);
$asked = new Diagnostician($model);
$tell(
    sprintf('next check, %d causes, %d checks', count($model->suspects), count($model->checks)),
    300,
    static fn() => $asked->diagnose('the display stays dark'),
);
$began = hrtime(true);
$trouble = (new TroubleDocument(Words::english()))->of($kit, $order);
$seconds = (hrtime(true) - $began) / 1e9;
$bytes = strlen((string) gzencode((string) json_encode($trouble), 9));
$failed = $failed || $seconds > 3 || $bytes > 60_000;
printf("%-44s %7.2f s   target 3 s  %s\n", 'the search of its page', $seconds, $seconds > 3 ? 'MISSED' : 'met');
printf("%-44s %7.1f kB  target 60 kB  %s\n", 'packed', $bytes / 1000, $bytes > 60_000 ? 'MISSED' : 'met');
mt_srand(3);
$kits = $reports = [];
for ($i = 0; $i < 20_000; ++$i) {
    $kits[] = new ShippedKit(
        "FB-{$i}",
        ['A', 'B', 'C'][mt_rand(0, 2)],
        ['L' . mt_rand(1, 40)],
        (string) mt_rand(1, 200),
        ['', 'x'][mt_rand(0, 1)],
        date('Y-m-d', 1_704_067_200 + 86_400 * mt_rand(0, 900)),
    );
}
for ($i = 0; $i < 50_000; ++$i) {
    $of = $kits[mt_rand(0, count($kits) - 1)];
    $reports[] = new KitReport(
        date('Y-m-d', (int) strtotime($of->date) + 86_400 * mt_rand(1, 120)),
        $of->serial,
        causes: [['D1 reversed'], ['dry joint in step 3'], ['U1 faulty'], []][mt_rand(0, 3)],
    );
}
$tell(
    'faults over 50,000 reports',
    300,
    static fn() => FaultStudy::of($kits, $reports, new DateTimeImmutable('2026-09-15')),
);
$written = [];
foreach (['first', 'second'] as $half) {
    foreach (array_slice((array) file(dirname(__DIR__, 2) . "/tests/reports/written-{$half}.csv"), 1) as $line) {
        $written[] = str_getcsv((string) $line);
    }
}
$letters = [];
for ($i = 0; $i < 10_000; ++$i) {
    $of = $written[mt_rand(0, count($written) - 1)];
    $words = explode(' ', (string) $of[4]);
    shuffle($words);
    $letters[] = new WrittenReport(
        (string) $of[1],
        implode(' ', array_slice($words, 0, max(4, count($words) - 2))),
        (string) $of[2],
    );
}
$began = hrtime(true);
$likeness = Likeness::of($letters);
$seconds = (hrtime(true) - $began) / 1e9;
$failed = $failed || $seconds > 5;
printf("%-44s %7.2f s   target 5 s  %s\n", '10,000 reports in matters', $seconds, $seconds > 5 ? 'MISSED' : 'met');
$tell('a new report among them', 100, static fn() => $likeness->like($letters[5]));
exit($failed ? 1 : 0);
