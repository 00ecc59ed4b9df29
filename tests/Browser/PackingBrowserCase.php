<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Runs of the packing bench: begun, pressed at, weighed, and what the server has of them. */
abstract class PackingBrowserCase extends BrowserCase
{
    /** @return int the run */
    protected function begin(int $kits, string $way = 'line', string $who = 'packer'): int
    {
        $this->signIn("{$who}@saltmarsh.example");
        $this->open('/packing');
        $this->find('#run-release')->sendKeys('Frost Bell');
        $this->find('#run-packs')->sendKeys(WebDriverKeys::CONTROL . 'a' . WebDriverKeys::NULL . $kits);
        $this->find('#run-way')->findElement(WebDriverBy::cssSelector("option[value={$way}]"))->click();
        $this->click('.packing-newrun button', 'Begin');
        $this->find('.packing-linenow');

        return (int) basename((string) parse_url(self::driver()->getCurrentURL(), PHP_URL_PATH));
    }

    protected function keys(int $times): void
    {
        self::driver()->getKeyboard()->sendKeys(str_repeat(' ', $times));
    }

    /** Waits until the server has so many bags of lines. */
    protected function done(int $bags): void
    {
        $run = basename((string) parse_url(self::driver()->getCurrentURL(), PHP_URL_PATH));
        $told = static fn(): mixed => self::driver()->executeAsyncScript(
            'const done = arguments[1]; fetch(`/api/runs/${arguments[0]}`).then((it) => it.json()).then((it) => done(it.done))',
            [$run],
        );
        self::driver()->wait(20, 200)->until(static fn(): bool => $told() === $bags);
        self::assertSame($bags, $told());
    }

    /** @return array<string, mixed> the run as the server has it */
    protected function run_(int $run): array
    {
        return (array) $this->call('GET', "/api/runs/{$run}");
    }

    /** Plays with the simulated scale, and lets it come to rest. */
    protected function deed(string $deed, float $grams = 0.0): void
    {
        $this->call('POST', '/api/scale', ['deed' => $deed, 'grams' => $grams]);
        usleep(1_900_000);
    }

    /** @param array<string, mixed> $facts says something else of the shop, as its maker does */
    protected function shop(array $facts): void
    {
        $this->signIn();
        $version = ((array) $this->call('GET', '/api/shop'))['version'] ?? 0;
        $this->call(
            'PUT',
            '/api/shop',
            [
                'operationId' => sprintf(
                    '%08x-0000-4000-8000-%012x',
                    random_int(0, 0xffffffff),
                    random_int(0, 0xffffffff),
                ),
                'version' => $version,
            ] + $facts,
        );
    }

    /** @param ?array<string, mixed> $body */
    private function call(string $verb, string $path, ?array $body = null): mixed
    {
        return self::driver()->executeAsyncScript(
            "const done = arguments[3];
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]);
            fetch(arguments[1], {method: arguments[0], headers: {'Content-Type': 'application/json',
                Accept: 'application/json', 'X-XSRF-TOKEN': token},
                ...(arguments[2] === null ? {} : {body: JSON.stringify(arguments[2])})})
                .then((it) => it.json()).then((it) => done(it), () => done(null));",
            [$verb, $path, $body],
        );
    }
}
