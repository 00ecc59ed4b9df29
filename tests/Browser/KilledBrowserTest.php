<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The browser of the packer dies while keys are on their way: what it showed as confirmed is in the book, once. */
final class KilledBrowserTest extends PackingBrowserCase
{
    public function test_four_kills_of_the_browser_lose_no_confirmed_key_and_double_none(): void
    {
        $run = $this->begin(60);
        $pressed = 0;
        for ($kill = 1; $kill <= 4; ++$kill) {
            $this->keys(12);
            $pressed += 12;
            usleep(300_000 * $kill);
            $shown = count(self::driver()->findElements(WebDriverBy::cssSelector('.pockets-in, .pockets-done')));
            $this->killBrowser();
            $this->signIn('packer@saltmarsh.example');
            $this->open("/packing/{$run}");
            $this->find('.pockets-now');
            $this->gone('.pockets-waits');
            $there = $this->run_($run);
            self::assertSame($there['done'], $there['sequence'], 'nothing is doubled');
            self::assertGreaterThanOrEqual($shown, $there['done'], "kill {$kill}: nothing that was confirmed is lost");
            self::assertLessThanOrEqual($pressed, $there['done']);
            $this->text('.pockets-now b', (string) ($there['done'] + 1));
            $pressed = (int) $there['done'];
        }
        $this->keys(60 - $pressed);
        $this->done(60);
    }
}
