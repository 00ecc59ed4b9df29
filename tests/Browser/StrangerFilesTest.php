<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Files of programs that nobody here knows: what they were taken for is shown, and what is unsure is asked. */
final class StrangerFilesTest extends BrowserCase
{
    private const LIST = "Ref,Value,Package,Description\nR1,10k,Axial 1/4W,resistor\nR2,47k,Axial 1/4W,resistor\nD1,1N4148,DO-35,diode\n";
    private const PLACES = "# another program\nTeil;Q;Links;Unten;Dreh;Wo\nR1;1;110;120;0;Kupferseite\nR2;2;110;126;0;Kupferseite\nD1;1;110;132;0;Kupferseite\n";
    private const OUTLINE = "%FSLAX46Y46*%\n%MOMM*%\nG36*\nX0Y0D02*\nX60000000Y0D01*\nX60000000Y40000000D01*\nX0Y40000000D01*\nX0Y0D01*\nG37*\nM02*\n";
    private const CIRCUIT = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 90 40" onload="document.title=\'broken\'"><path d="M5 20H85" stroke="#222"/><text x="20" y="16" font-size="6">R1</text><text x="60" y="16" font-size="6">D1</text></svg>';

    public function test_columns_sides_and_origins_are_settled_on_board(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', ['gauge.csv' => self::LIST, 'where.csv' => self::PLACES]);
        $this->text('.KitStrip-strip b', 'Gauge');
        $this->find('.parts-parts-table');
        $this->keys('2');
        $this->drop('.KitFrame-kit', ['rand.gko' => self::OUTLINE]);
        $this->text('.board-files-files li', '1 closed outline');

        // The columns were guessed: two are wrong, and one holds words for sides.
        $this->text('.board-files-files', 'Guessed from what stands in the columns');
        $this->find('[aria-label="What column Links holds"]:not([disabled])')->sendKeys('x');
        $this->gone('[aria-label="What column Q holds"] option[value="x"]:checked');
        $this->find('[aria-label="What column Unten holds"]:not([disabled])')->sendKeys('y');
        $this->find('[aria-label="What column Wo holds"]:not([disabled])')->sendKeys('side');
        $this->text('.board-files-ask', 'Kupferseite');
        $this->click('.board-files-ask button', 'It is the bottom');
        $this->gone('.board-files-ask');

        // Places and outline count from different origins.
        $this->text('.board-station-mismatches', 'different origins');
        $this->ready('.board-station-shift button', 'Into the middle (a guess)')->sendKeys(WebDriverKeys::ENTER);
        $this->gone('.board-station-shift button[disabled]');
        $this->write('[aria-label="Move all places in x, millimetres"]', '-90');
        $this->text('.ui-table td', '20.00');
        $this->assertAccessible('Board, a stranger\'s files');
    }

    public function test_a_circuit_drawing_and_an_old_manual_find_their_places(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', ['dial.csv' => self::LIST]);
        $this->text('.KitStrip-strip b', 'Dial');
        $this->drop('.KitFrame-kit', ['circuit.svg' => self::CIRCUIT, 'old.md' => "Fit R1 and R2.\n\nBe patient.\n"]);
        $this->keys('6');
        $this->find('.circuit-drawing [data-ref="D1"]')->click();
        $this->find('.circuit-drawing .lit[data-ref="D1"]');
        self::assertStringNotContainsString('broken', self::driver()->getTitle());
        $this->ready('.circuit-names button', 'R1')->sendKeys(WebDriverKeys::ENTER);
        $this->find('.circuit-drawing .lit[data-ref="R1"]');
        $this->assertAccessible('Bench with a circuit');

        $this->keys('7');
        $this->click('.MuiTabs-root button', 'Old manual');
        $this->text('.manual-old', 'Be patient.');
        $this->click('.manual-old button', 'Put it at step 1');
        $this->text('.manual-pages', '1 taken over');
        $this->assertAccessible('Old manual');
        $this->click('.MuiTabs-root button', 'Pages');
        $this->text('.manual-pages', 'Fit R1 and R2.');
    }

    private function keys(string $keys): void
    {
        self::driver()->findElement(WebDriverBy::tagName('body'))->sendKeys($keys);
    }
}
