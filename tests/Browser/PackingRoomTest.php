<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The packing bench: keys faster than the server, without a line, beside somebody else, and by the scale. */
final class PackingRoomTest extends BrowserCase
{
    public function test_every_key_counts_once_however_fast_and_without_a_line_they_wait_in_sight(): void
    {
        $this->begin(30);
        $this->assertAccessible('Packing, a run of thirty');
        $this->keys(45);
        $this->done(45);
        $this->text('.pockets-now b', '16');
        $this->press('z');
        $this->done(44);

        $this->connection(false);
        $this->keys(5);
        $this->text('.packing-trouble', '5 keys wait here');
        $this->text('.pockets-now b', '20');
        self::assertCount(5, self::driver()->findElements(WebDriverBy::cssSelector('.pockets-waits')));
        $this->connection(true);
        $this->done(49);
        $this->gone('.packing-trouble');
    }

    public function test_keys_that_a_closed_page_had_not_sent_go_when_it_is_opened_again(): void
    {
        $run = $this->begin(10);
        $this->connection(false);
        $this->keys(3);
        $this->text('.packing-trouble', '3 keys wait here');
        $this->connection(true);
        $this->open('/packing');
        $this->find('#run-packs');
        $this->open("/packing/{$run}");
        $this->done(3);
    }

    public function test_a_finished_bag_is_weighed_beside_the_keys(): void
    {
        $this->begin(2);
        $this->press('b');
        $this->find('#bag-grams')->sendKeys('1.70' . WebDriverKeys::ENTER);
        $this->text('.packing-bagbox', 'outside');
        $this->text('.packing-bagbox', 'one missing');
        $this->assertAccessible('Packing, a bag weighed');
        $this->find('#bag-grams')->sendKeys(WebDriverKeys::ESCAPE);
        $this->press(' ');
        $this->done(1);
    }

    public function test_a_key_meant_for_another_moment_is_refused_and_named(): void
    {
        $run = $this->begin(10);
        $this->keys(2);
        $this->done(2);
        self::driver()->executeAsyncScript(
            "const done = arguments[1];
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]);
            fetch(`/api/runs/\${arguments[0]}/keys`, {method: 'POST', headers: {'Content-Type': 'application/json',
                Accept: 'application/json', 'X-XSRF-TOKEN': token}, body: JSON.stringify({keys: [{operationId:
                crypto.randomUUID(), action: 'in', line: 0, pack: 2, after: 2}]})}).then(() => done());",
            [$run],
        );
        $this->press(' ');
        $this->text('.packing-trouble', 'Somebody else pressed a key in between');
        $this->text('.packing-trouble', 'into kit 3');
        $this->done(3);
    }

    public function test_pieces_that_leave_the_bin_for_four_kits_are_the_key_of_four_kits(): void
    {
        $this->begin(20);
        $this->ready('.scale-play button', 'simulated scale')->click();
        $this->ready('.scale-playing button', 'full bin')->click();
        $this->text('.scale-scale', '120.0');
        $this->ready('.scale-playing button', 'lay the check mass on')->click();
        $this->text('.scale-scale', '170.0');
        $this->ready('.scale-settle', 'check the scale')->click();
        $this->gone('.scale-scale [role="alert"]');
        $this->ready('.scale-playing button', 'take it off')->click();
        $this->text('.scale-scale', 'in one go');
        $this->ready('.scale-playing button', 'take for 4')->click();
        $this->text('.scale-scale', 'Deal into kits 1 to 4');
        $this->done(4);
        $this->ready('.scale-playing button', 'one too few')->click();
        $this->text('.scale-warn', '1 too few for 4');
        $this->ready('.scale-playing button', 'switch off')->click();
        $this->text('.scale-warn', 'The scale is silent');
        $this->assertAccessible('Packing by the scale');
        $this->ready('.scale-playing button', 'switch on')->click();
        $this->text('.scale-warn', '1 too few for 4');
        $this->done(4);
    }

    /** @return int the run */
    private function begin(int $kits): int
    {
        $this->signIn('packer@saltmarsh.example');
        $this->open('/packing');
        $this->find('#run-release')->sendKeys('Frost Bell');
        $this->find('#run-packs')->sendKeys(WebDriverKeys::CONTROL . 'a' . WebDriverKeys::NULL . $kits);
        $this->ready('.packing-newrun button', 'Begin')->click();
        $this->find('.pockets-now');

        return (int) basename((string) parse_url(self::driver()->getCurrentURL(), PHP_URL_PATH));
    }

    private function keys(int $times): void
    {
        self::driver()->getKeyboard()->sendKeys(str_repeat(' ', $times));
    }

    /** Waits until the server has so many bags of lines. */
    private function done(int $bags): void
    {
        $run = basename((string) parse_url(self::driver()->getCurrentURL(), PHP_URL_PATH));
        $told = static fn(): mixed => self::driver()->executeAsyncScript(
            'const done = arguments[1]; fetch(`/api/runs/${arguments[0]}`).then((it) => it.json()).then((it) => done(it.done))',
            [$run],
        );
        self::driver()->wait(20, 200)->until(static fn(): bool => $told() === $bags);
        self::assertSame($bags, $told());
    }
}
