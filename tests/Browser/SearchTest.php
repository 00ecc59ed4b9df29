<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** A builder finds a fault on the telephone, from the folder page: no server, no computation, every answer kept. */
final class SearchTest extends BrowserCase
{
    private string $folder = '';

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_a_turned_diode_is_found_by_tapping_it_without_a_line(): void
    {
        $this->page([]);
        $this->onPhone(function (): void {
            $this->begins();
            $this->click('.builder-choice', 'nothing happens');
            $this->assertAccessible('a look');
            for ($looks = 0; $looks < 12 && !$this->says('This is most likely it'); ++$looks) {
                $question = $this->find('.builder-builder h1')->getText();
                $this->click('.builder-answers button', $this->shows('ZD1') ? 'No' : 'Yes');
                if ($this->shows('ZD1') && $this->says('Tap the odd one')) {
                    $this->click('.builder-oddparts button', 'ZD1');
                }
                self::driver()
                    ->wait(90, 50)
                    ->until(fn(): bool => $this->find('.builder-builder h1')->getText() !== $question);
            }
            $this->text('.builder-remedy li', 'ZD1');
            $this->assertAccessible('the remedy');
            self::assertLessThanOrEqual(
                390,
                self::driver()->executeScript('return document.documentElement.scrollWidth'),
            );
            self::driver()->navigate()->refresh();
            $this->begins();
            $this->text('.builder-remedy li', 'ZD1');
            $this->click('.builder-answers button', 'No, write to us');
            $this->text('.builder-quiet', 'With your answers:');
            $this->find('#report-text')->sendKeys('It is still dark.');
            $mail = rawurldecode((string) $this->text('.builder-actions a', 'Write the mail')->getAttribute('href'));
            self::assertStringContainsString("symptom: nothing-happens\r\nanswers: ", $mail);
            self::assertStringContainsString('odd ZD1', $mail);
        });
    }

    public function test_a_kit_on_mains_ends_at_write_to_us(): void
    {
        $this->page(['traits' => ['mains']]);
        $this->onPhone(function (): void {
            $this->begins();
            $this->text('.builder-harm', 'Stop here, unplug it');
            self::assertSame([], self::driver()->findElements(WebDriverBy::cssSelector('.builder-choice')));
            $this->assertAccessible('stop');
            $this->click('.builder-actions button', 'Write to us');
            $this->find('#report-text');
        });
    }

    private function begins(): void
    {
        self::driver()->get("file://{$this->folder}/out/index.html#FB-A-00001-K");
        $this->text('.builder-builder header span', 'FB-A-00001-K');
        if ($this->says('Begin with step 1')) {
            $this->click('.builder-actions button', 'Begin with step 1');
            $this->click('.builder-actions button', 'Done, next step');
        }
        $this->click('.builder-actions button', 'Stuck here?');
        $this->click('.builder-stuck button', 'Find the fault');
    }

    private function says(string $words): bool
    {
        return str_contains($this->find('body')->getText(), $words);
    }

    /** Whether the part is one of those that are looked at or can be tapped now. */
    private function shows(string $part): bool
    {
        return self::driver()->executeScript(
            'return document.querySelector(`.builder-builder section [data-ref="${arguments[0]}"].lit`) !== null
                && [...document.querySelectorAll(".builder-lookcallout b, .builder-oddparts button")].some(e => e.textContent === arguments[0])',
            [$part],
        ) === true;
    }

    /** @param array<string, mixed> $facts of kit.json */
    private function page(array $facts): void
    {
        $root = dirname(__DIR__, 2);
        $this->folder = sys_get_temp_dir() . '/chiralex-search-' . bin2hex(random_bytes(6));
        exec("cp -r {$root}/database/demo/frost-bell {$this->folder} && rm -rf {$this->folder}/history");
        $kit = (array) json_decode((string) file_get_contents("{$this->folder}/kit.json"), true);
        file_put_contents("{$this->folder}/kit.json", json_encode($facts + $kit, JSON_THROW_ON_ERROR));
        exec(
            "{$root}/bin/chiralex page {$this->folder} -o {$this->folder}/out --mail hello@saltmarsh.example 2>&1",
            $said,
        );
        self::assertFileExists("{$this->folder}/out/index.html", implode("\n", $said));
    }
}
