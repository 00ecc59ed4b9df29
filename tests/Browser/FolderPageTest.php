<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The builder's page as a folder, opened from disk on a telephone. */
final class FolderPageTest extends BrowserCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir() . '/chiralex-folder-' . bin2hex(random_bytes(6));
        $root = dirname(__DIR__, 2);
        exec(
            "{$root}/bin/chiralex page {$root}/database/demo/frost-bell -o {$this->folder} --mail hello@saltmarsh.example",
            $said,
            $code,
        );
        self::assertSame(0, $code, implode("\n", $said));
    }

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_it_opens_from_disk_keeps_ticks_and_ends_in_a_mail_with_its_block(): void
    {
        $this->onPhone(function (): void {
            self::driver()->get("file://{$this->folder}/index.html#FB-A-00001-K");
            $this->text('.builder-builder header span', 'FB-A-00001-K');
            $this->assertAccessible('the folder page');
            $this->click('.builder-actions button', 'Begin with step 1');
            $this->click('.builder-actions button', 'Done, next step');
            $this->text('.builder-builder h1', '2. ');
            self::driver()->navigate()->refresh();
            $this->text('.builder-builder h1', '2. ');
            $this->click('.builder-actions button', 'Stuck here?');
            $this->click('.builder-stuck button', 'Report a fault');
            $this->find('#report-text')->sendKeys('The lamp stays dark.');
            $link = $this->text('.builder-actions a', 'Write the mail');
            $address = rawurldecode((string) $link->getAttribute('href'));
            self::assertStringStartsWith('mailto:hello@saltmarsh.example?subject=Frost Bell', $address);
            self::assertStringContainsString("serial: FB-A-00001-K\r\nstep: 2 ", $address);
            self::assertStringContainsString('The lamp stays dark.', $address);
            $this->assertAccessible('the letter');
        });
    }
}
