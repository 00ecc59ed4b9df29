<?php

declare(strict_types=1);

// One picture of each main view at 1280x800, from the demo kit.

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\BrowserCase;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

[, $folder] = $argv;
$driver = BrowserCase::driver();
$base = (string) getenv('BROWSER_URL');
$wait = static function (string $css) use ($driver): void {
    $driver->wait(10, 50)->until(static fn(RemoteWebDriver $each): bool => $each->findElements(WebDriverBy::cssSelector($css)) !== []);
    usleep(700_000);
};
$take = static fn(string $name): RemoteWebDriver => $driver->takeScreenshot("{$folder}/{$name}.png") === '' ? $driver : $driver;
$click = static fn(string $css, string $text): mixed => $driver->executeScript('[...document.querySelectorAll(arguments[0])].find(e => e.textContent.includes(arguments[1])).click()', [$css, $text]);

$driver->get("{$base}/sign-in");
$wait('#email');
$take('sign-in');
$driver->findElement(WebDriverBy::id('email'))->sendKeys('maker@saltmarsh.example');
$driver->findElement(WebDriverBy::id('password'))->sendKeys("saltmarsh\n");
$wait('.kitrow');
$take('shelf');
$click('.kitrow h2 a', 'Frost Bell');
$wait('.parts-table');
$take('parts');
$click('.parts-table tr', 'ZD1');
$wait('.detail');
$take('parts-look-alikes');
$click('.strip a', 'Board');
$wait('.sides .board');
$take('board');
$click('.strip a', 'Order');
$wait('.skyline');
$click('.step .number', '12');
$wait('#step-11.current');
$take('order');
$click('.strip a', 'Marks');
$wait('.boardcrop .pointer');
$take('marks');
$click('.strip a', 'Order');
$wait('.skyline');
$click('.bar button', 'Compare');
$wait('.compare');
$take('order-compare');
