<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The packing bench by keys: faster than the server, without a line, beside somebody else, behind a code reader. */
final class PackingRoomTest extends PackingBrowserCase
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

    public function test_a_run_is_packed_by_keys_in_bursts_of_five(): void
    {
        $run = $this->begin(5);
        $all = (int) $this->run_($run)['cellsInAll'];
        for ($pressed = 0; $pressed < $all; $pressed += 5) {
            $this->keys(5);
            usleep(150_000);
        }
        $this->text('h1', '5 kits packed');
        $this->done($all);
    }

    public function test_a_code_reader_opens_each_line_with_the_code_of_its_bin(): void
    {
        $this->shop(['readsBins' => true]);
        try {
            $this->begin(2);
            $this->text('.packing-lotbox', 'read the code of the bin');
            $this->assertAccessible('Packing, a bin to read');
            $this->press(' ');
            self::driver()
                ->getKeyboard()
                ->sendKeys('26-304' . WebDriverKeys::ENTER);
            $this->gone('.packing-lotbox');
            $this->press(' ');
            $this->done(1);
        } finally {
            $this->shop(['readsBins' => false]);
        }
    }
}
