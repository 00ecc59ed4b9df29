<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A maker's first kit, from files to an order, as a new user would do it. */
final class FirstKitTest extends BrowserCase
{
    private const LIST = "Reference,Value,Package,Description\n\"R1,R2\",22k,Axial 1/4W,resistor\nR3,1k,Axial 1/4W,resistor\nD1,1N4148,DO-35,\nC1,47u,6.3x11,\nC2,100n,disc 5mm,ceramic\nJ1,2 way,5.08,\nLED1,red,LED 5mm,\nR4,1OK,Axial 1/4W,resistor\n";
    private const LEGEND = "%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,0.2*%\nD10*\nX0Y0D02*\nX1000000Y0D01*\nM02*\n";
    private const PLACES = "Designator,Mid X,Mid Y,Rotation,Layer\nR1,20mm,10mm,0,top\nR2,20mm,16mm,0,top\nR3,20mm,22mm,0,top\nR4,20mm,28mm,0,top\nD1,40mm,10mm,90,top\nC1,55mm,20mm,0,top\nC2,40mm,25mm,0,top\nJ1,6mm,20mm,90,top\nLED1,66mm,12mm,0,top\n";

    public function test_files_dropped_on_the_shelf_become_an_order_that_can_be_dragged(): void
    {
        $this->signIn();
        $this->assertAccessible('Shelf');
        $this->drop('.shelf-shelf', ['signal-board.csv' => self::LIST]);
        $this->text('.KitStrip-strip b', 'Signal board');
        $this->text('.parts-question h2', 'J1');
        $this->click('.MuiTabs-root button', 'File: 1 to look at');
        $this->text('.parts-report td', 'letter O');
        $this->assertAccessible('Parts, what became of the file');
        $this->click('.MuiTabs-root button', 'List');

        // The question is answered in place, by keyboard.
        $this->text('.parts-answers button', 'terminal block')->sendKeys(WebDriverKeys::ENTER);
        $this->gone('.parts-question');
        $this->text('.parts-parts-table td', 'terminal block');

        // A bad value is mended in its cell.
        $row = $this->text('.parts-parts-table td', '1OK');
        (new WebDriverActions(self::driver()))->doubleClick($row)->perform();
        $this->write('.parts-celledit input', '10k');
        $this->gone('.parts-celledit');
        $this->text('.parts-parts-table td', "10\u{2009}kΩ");
        $this->assertAccessible('Parts');

        // Placements put the parts on the board; F turns it over.
        $this->drop('.KitFrame-kit', ['pick-and-place.csv' => self::PLACES]);
        $this->find('.board-boardpane [data-ref="C1"]');
        self::driver()->findElement(WebDriverBy::tagName('body'))->sendKeys('f');
        $this->text('.ui-caption b', 'Bottom side');
        self::driver()->findElement(WebDriverBy::tagName('body'))->sendKeys('f2');
        $this->text('.ui-bar b', '9 places on the board');
        $this->drop('.KitFrame-kit', ['front.art' => self::LEGEND]);
        $this->text('.board-files-files li', 'Perhaps the legend of the top side');
        $this->find('[aria-label="What front.art is"]')->sendKeys('legend, top');
        $this->text('.board-files-files li', 'you said so');
        $this->assertAccessible('Board');

        $this->dragsAStep();
    }

    public function test_two_makers_edit_one_kit_and_the_second_keeps_their_words(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', ['conflict.csv' => "Reference,Value,Package\nR1,1k,Axial 1/4W\nC1,47u,6.3x11\n"]);
        $this->text('.parts-parts-table td', 'electrolytic');
        $id = (int) preg_replace('~^.*/kits/(\d+)/.*$~', '$1', self::driver()->getCurrentURL());
        $token = 'decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1])';
        // Somebody else saves in between, past this page's knowledge.
        $status = self::driver()->executeAsyncScript(
            "const done = arguments[0]; fetch('/api/revisions/{$id}/edits', {method: 'POST', headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': {$token}, 'If-Match': '\"0\"', Accept: 'application/json'}, body: JSON.stringify({operationId: crypto.randomUUID(), changes: [{type: 'line', target: 'C1', field: 'height', value: 12.5}]})}).then(r => done(r.status))",
        );
        self::assertSame(200, $status);

        (new WebDriverActions(self::driver()))
            ->doubleClick($this->text('.parts-parts-table td', "1\u{2009}kΩ"))
            ->perform();
        $this->write('.parts-celledit input', '2k2');
        $this->text('.ConflictDialog-conflict h3', 'Maker of Saltmarsh Bench changed');
        $this->text('.ConflictDialog-conflict li', '2k2');
        $this->assertAccessible('Conflict');
        $this->click('.MuiDialogActions-root button', 'Save mine as well');
        $this->text('.parts-parts-table td', "2.2\u{2009}kΩ");
        $this->text('.parts-parts-table td', '12.5');
    }

    private function dragsAStep(): void
    {
        self::driver()->findElement(WebDriverBy::tagName('body'))->sendKeys('3');
        $this->find('.order-steps .order-step');
        $this->find('.skyline');
        $this->assertAccessible('Order');

        // By pointer: the electrolytic before everything, with its cost while it hangs over the place.
        $chip = $this->text('.order-chip', 'C1');
        $first = $this->find('#step-0');
        $actions = (new WebDriverActions(self::driver()))
            ->clickAndHold($chip)
            ->moveByOffset(0, -12)
            ->moveToElement($first, 0, -16);
        $actions->perform();
        $this->text('[data-testid="cost"]', 'inversions more');
        (new WebDriverActions(self::driver()))->release()->perform();
        $this->text('.order-reason', 'your place for C1');
        self::assertStringContainsString('C1', $this->find('#step-0')->getText());

        $this->click('.order-reason button', 'back to computed');
        $this->gone('.order-reason button');

        // By keyboard: the step after, its cost, and put back.
        $this->find('#step-0 .order-number')->click();
        self::driver()
            ->getKeyboard()
            ->sendKeys([WebDriverKeys::ALT, WebDriverKeys::ARROW_DOWN]);
        $this->text('.order-cost button', 'Put back');
        $this->text('[data-testid="cost"]', 'more');
        self::driver()->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $this->gone('.order-cost');

        // Through the steps by keyboard: the board on the table follows, and F turns the board over.
        self::driver()
            ->getKeyboard()
            ->sendKeys([WebDriverKeys::ARROW_DOWN]);
        $this->find('#step-1.order-current');
        $this->text('.ui-caption b', 'On the table, step 2');
        self::driver()->getKeyboard()->sendKeys('f');
        $this->text('.ui-caption b', 'Bottom side');
        self::driver()->getKeyboard()->sendKeys('f');
        $this->text('.ui-caption b', 'Top side');

        // Why, on the step looked at.
        self::driver()->getKeyboard()->sendKeys('w');
        $this->text('.order-stepwhy', 'mm high');
        $this->click('.ui-bar button', 'Compare');
        $this->text('.order-compare th', 'kind by kind');
        $this->assertAccessible('Compare');
    }
}
