<?php

declare(strict_types=1);

// How long a room takes from the press of its link until its content stands there, the first time and later; called by bin/bench.

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

const GRID = 700;
const LATER = 300;
const KIT = '/kits/1';
// Room, what stands there when it is open, whether it holds a grid.
const ROOMS = [
    ['/library', '.library-list .MuiDataGrid-cell', true],
    ['/stock?view=kits', '.stock-moves .MuiDataGrid-cell', true],
    ['/sales?view=orders', '.sales-orders .MuiDataGrid-cell', true],
    ['/packing', '.packing-newrun', false],
    ['/reports', '.reports-inbox button', false],
    ['/shelf', '.shelf-kitrow', false],
];
const STATIONS = [
    ['/board', '.board-station-boardfacts', false],
    ['/order', '.order-step', false],
    ['/marks', '.marks-callout', false],
    ['/bags', '.bags-bag', false],
    ['/bench', '.bench-testrow', false],
    ['/manual', '.manual-steppage', false],
    ['/faults', '.faults-rate b', false],
    ['/parts', '.parts-parts-table td', false],
];
const PRESS = <<<'JS'
    const [link, css, done] = arguments;
    const start = performance.now();
    document.querySelector(`a[href="${link}"]`).click();
    const look = () => {
        const shown = location.pathname === link && document.querySelector(css);
        if (shown) requestAnimationFrame(() => done(performance.now() - start));
        else if (performance.now() - start > 8000) done(8000);
        else requestAnimationFrame(look);
    };
    look();
    JS;

[, $base] = $argv;
$pipes = [];
$chromedriver = proc_open(
    ['chromedriver', '--port=9517'],
    [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
    $pipes,
);
for ($i = 0; $i < 50 && @file_get_contents('http://127.0.0.1:9517/status') === false; ++$i) {
    usleep(100_000);
}
$options = new ChromeOptions();
$options->addArguments([
    ...['--headless=new', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--no-first-run'],
    ...[
        '--force-prefers-reduced-motion',
        '--window-size=1280,800',
        '--user-data-dir=' . sys_get_temp_dir() . '/bench-' . getmypid(),
    ],
]);
$capabilities = DesiredCapabilities::chrome();
$capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
$driver = RemoteWebDriver::create('http://127.0.0.1:9517', $capabilities);
$driver->manage()->timeouts()->setScriptTimeout(30);
$failed = 0;
try {
    $driver->get("{$base}/sign-in");
    $driver->executeScript(
        'return fetch("/api/sign-in", {method: "POST", headers: {"Content-Type": "application/json", "X-XSRF-TOKEN": decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1])}, body: JSON.stringify({email: "maker@saltmarsh.example", password: "saltmarsh"})}).then(r => r.status)',
    );
    foreach ([['/shelf', '', ROOMS], [KIT . '/parts', KIT, STATIONS]] as [$start, $under, $rooms]) {
        $driver->get($base . $start);
        usleep(2_500_000);
        $times = [];
        for ($round = 0; $round < 4; ++$round) {
            foreach ($rooms as [$room, $css]) {
                $times[$room][] = (float) $driver->executeAsyncScript(PRESS, [$under . $room, $css]);
                usleep(250_000);
            }
        }
        foreach ($rooms as [$room, , $grid]) {
            $first = $times[$room][0];
            $later = array_slice($times[$room], 1);
            sort($later);
            $target = $grid ? GRID : LATER;
            $met = $first <= $target && $later[1] <= LATER;
            $failed += $met ? 0 : 1;
            printf(
                "%-42s %9.0f ms  later %4.0f ms  target %d, %d  %s\n",
                "room opened: {$room}",
                $first,
                $later[1],
                $target,
                LATER,
                $met ? 'met' : 'MISSED',
            );
        }
    }
} finally {
    $driver->quit();
    proc_terminate($chromedriver);
}
exit($failed > 0 ? 1 : 0);
