<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverKeys;

/** Reports: the wall of letters worked through by keyboard alone. */
final class ReportsRoomTest extends BrowserCase
{
    private const LETTERS = 10;
    private const MINUTES = 5;
    private const MOST = 20;

    public function test_a_maker_answers_ten_letters_by_keyboard_in_five_minutes(): void
    {
        $this->signIn();
        $this->open('/reports');
        $this->find('.wall-paper');
        $before = $this->answers();
        $began = microtime(true);
        $sent = $before;
        for ($letter = 0; $sent < $before + self::LETTERS && $letter < self::MOST; ++$letter) {
            $was = $this->opened();
            $this->press(WebDriverKeys::ARROW_DOWN);
            $this->wait(fn(): bool => $this->opened() !== $was, 'the next letter');
            // To a letter that is answered already the kit has no more to say.
            if (!$this->comes()) {
                continue;
            }
            $this->press('s');
            // What has to be read first opens in full; the same key sends it then.
            $this->wait(fn(): bool => $this->answers() > $sent || $this->isToSend(), 'the answer, read');
            if ($this->answers() === $sent) {
                $this->press('s');
                $this->wait(fn(): bool => $this->answers() > $sent, 'the answer, sent');
            }
            $sent = $this->answers();
        }
        self::assertGreaterThanOrEqual($before + self::LETTERS, $this->answers());
        self::assertLessThan(60 * self::MINUTES, microtime(true) - $began);
        $this->assertAccessible('Reports, answered by keyboard');
    }

    private function answers(): int
    {
        $mails = json_decode($this->fetched('/api/mails'), true, 16, JSON_THROW_ON_ERROR);

        return is_array($mails) && is_int($mails['total']) ? $mails['total'] : 0;
    }

    private function opened(): string
    {
        return $this->said('document.querySelector("[aria-pressed=true].wall-paper")?.textContent');
    }

    private function hasAnswer(): bool
    {
        return mb_strlen($this->said('document.querySelector("#answer-text")?.value')) > 20;
    }

    private function comes(): bool
    {
        try {
            $this->wait(fn(): bool => $this->hasAnswer(), 'the answer of the kit', 6);

            return true;
        } catch (TimeoutException) {
            return false;
        }
    }

    private function isToSend(): bool
    {
        return str_contains(
            $this->said('document.querySelector(".sheet-margin form")?.textContent'),
            'Send the answer',
        );
    }

    private function said(string $script): string
    {
        $said = self::driver()->executeScript("return String(({$script}) ?? '')");

        return is_string($said) ? $said : '';
    }

    /** @param callable(): bool $until */
    private function wait(callable $until, string $what, int $seconds = 15): void
    {
        self::driver()
            ->wait($seconds, 50)
            ->until(static fn(RemoteWebDriver $driver): bool => $until(), "waited for {$what}");
    }
}
