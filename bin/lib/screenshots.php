<?php

declare(strict_types=1);

// One picture of each main view at 1280x800, the builder's page at 390, from the demo kits.

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserCase;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

[, $folder] = $argv;
$driver = BrowserCase::driver();
$base = (string) getenv('BROWSER_URL');
$wait = static function (string $css) use ($driver): void {
    $driver
        ->wait(10, 50)
        ->until(static fn(RemoteWebDriver $each): bool => $each->findElements(WebDriverBy::cssSelector($css)) !== []);
    usleep(700_000);
};
$take = static fn(string $name): RemoteWebDriver => $driver->takeScreenshot("{$folder}/{$name}.png") === ''
    ? $driver
    : $driver;
$click = static fn(string $css, string $text): mixed => $driver->wait(30, 100)->until(
    static fn(): bool => $driver->executeScript(
        'const it = [...document.querySelectorAll(arguments[0])].find(e => e.textContent.includes(arguments[1]));
            if (it) it.click();
            return it !== undefined;',
        [$css, $text],
    ) === true,
    "{$css} with {$text} did not come",
);

$driver->get("{$base}/sign-in");
$wait('#email');
$driver->findElement(WebDriverBy::id('email'))->sendKeys('maker@saltmarsh.example');
$driver->findElement(WebDriverBy::id('password'))->sendKeys("saltmarsh\n");
$wait('.shelf-kitrow');
$take('shelf');
$click('.shelf-kitrow h2 a', 'Frost Bell');
$wait('.parts-parts-table');
$take('parts');
$click('.KitStrip-strip a', 'Board');
$wait('.board-station-sides .board');
$take('board');
$click('.KitStrip-strip a', 'Order');
$wait('.skyline');
$click('.order-step .order-number', '12');
$wait('#step-11.order-current');
$take('order');
$click('.KitStrip-strip a', 'Bench');
$wait('.bench-testrow');
$click('.bench-testrow', 'frost point');
$wait('.bench-tolerance .bench-reach');
$take('bench');
$click('.KitStrip-strip a', 'Marks');
$wait('.board-boardcrop .pointer');
$take('marks');
// A finished revision, its shop rooms, and the page of one of its kits.
$json = static fn(string $path): array => (array) json_decode(
    (string) $driver->executeAsyncScript(
        'const done = arguments[1]; fetch(arguments[0], {headers: {Accept: "application/json"}}).then(r => r.text()).then(done)',
        [$path],
    ),
    true,
);
$driver->get("{$base}/kits/1/bags");
$wait('.bags-bag');
$click('.bags-bag .bags-chip', 'R3');
$wait('.bags-ties path');
$take('bags');
$driver->get("{$base}/kits/1/manual");
$wait('.manual-steppage');
$driver->executeScript(
    'document.querySelector("#page-step-2 .manual-name").click(); document.querySelector("#page-step-2").scrollIntoView()',
);
$wait('.manual-steppage.manual-current');
$take('manual');
$driver->get("{$base}/kits/1/faults");
$wait('.faults-mended');
$click('.faults-feverrow', 'D1');
$wait('.faults-causes');
$take('faults');
$driver->get("{$base}/library");
$wait('.MuiDataGrid-cell');
$click('.MuiDataGrid-cell', '100u');
$wait('.library-partform');
$take('library');
$driver->get("{$base}/stock");
$wait('.planks-plank');
$take('stock');
$driver->get("{$base}/stock?view=buying");
$wait('.buying-sheet');
$field = $driver->findElement(WebDriverBy::cssSelector('.buying-many input'));
$field->sendKeys([WebDriverKeys::CONTROL, 'a']);
$field->sendKeys('60');
$click('.buying-sheet .buying-line', '5V1');
sleep(3);
$take('buying');
$driver->get("{$base}/sales");
$wait('.strip-bundle');
$take('sales');
$driver->get("{$base}/sales?view=price");
$wait('.price-step');
$wait('.price-curve');
sleep(1);
$take('price');
$driver->get("{$base}/reports");
$click('button', 'Read the mailbox');
$wait('.reports-fetched');
$click('.wall-paper', 'FB-A-00017-Y');
$wait('.sheet-likely li');
$take('reports');
$click('button', 'Bring letters in');
$wait('#pasted-letter');
$driver->findElement(WebDriverBy::id('pasted-letter'))->sendKeys(
    "From: Lene Ost <lene.ost@example.org>\nSubject: Frost Bell\n\nMy Frost Bell FB-A-00021-3 stays dark. The band of D1 points to the left.",
);
$click('.reports-typein button', 'Take this letter');
$wait('.reports-typein [role="status"]');
$take('intake');
$driver->get("{$base}/packing");
$wait('#run-packs');
$click('.packing-newrun button', 'Begin');
$wait('.packing-bench .pockets-pockets');
foreach (range(1, 4) as $time) {
    $driver->findElement(WebDriverBy::tagName('body'))->sendKeys(' ');
    usleep(400_000);
}
$take('packing');
$driver->get("{$base}/shop");
$wait('.shop-sheet');
$take('shop');
$address = (string) ($json('/api/revisions/1')['released']['address'] ?? '');
(new ChromeDevToolsDriver($driver))->execute('Emulation.setDeviceMetricsOverride', [
    'width' => 390,
    'height' => 844,
    'deviceScaleFactor' => 1,
    'mobile' => false,
]);
$driver->get($base . $address);
$wait('.builder-go');
$click('.builder-go', 'Begin');
$click('.builder-go', 'Done');
$wait('.builder-way');
$take('builder');
