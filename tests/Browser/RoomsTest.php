<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The demo kit in every room, by keyboard, without errors in the console. */
final class RoomsTest extends BrowserCase
{
    public function test_number_keys_go_to_stations_and_arrows_scrub_the_steps(): void
    {
        $this->signIn();
        $this->click('.shelf-kitrow h2 a', 'Frost Bell');
        $this->find('.parts-parts-table');
        $this->press('3');
        $this->find('#step-0.order-current');
        $this->press(WebDriverKeys::ARROW_DOWN . WebDriverKeys::ARROW_DOWN);
        $this->find('#step-2.order-current');
        $this->text('.ui-caption b', 'On the table, step 3');
        self::assertNotSame([], self::driver()->findElements(WebDriverBy::cssSelector('.board-boardpane .lit')));
        $this->press('1');
        $this->find('.parts-parts-table');
    }

    public function test_callouts_stand_in_step_order_and_take_the_makers_words(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', ['marks.csv' => "Reference,Value,Package\nD1,1N4148,DO-35\nC1,47u,6.3x11\n"]);
        $this->find('.parts-parts-table');
        $this->press('4');
        $this->text('#callout-D1', 'Dark band');
        $this->text('#callout-C1', 'can hurt someone');
        $this->assertAccessible('Marks');
        $this->click('#callout-C1 button', 'edit words');
        $words = $this->find('#callout-C1 textarea');
        $words->clear();
        $words->sendKeys('Stripe to the edge with the bell.');
        $this->click('#callout-C1 button', 'Save');
        $this->text('#callout-C1 p', 'Stripe to the edge with the bell.');
        $this->click('#callout-C1 button', 'back to computed');
        $this->text('#callout-C1 p', 'That is the negative lead');
    }

    public function test_find_reads_a_marking_and_names_the_parts_of_the_kit(): void
    {
        $this->signIn();
        $this->click('.shelf-kitrow h2 a', 'Frost Bell');
        $this->find('.parts-parts-table');
        $this->press('/');
        $this->find('#find-text')->sendKeys('yellow violet orange gold');
        $this->text('.FindBox-find li', 'in this kit: R3 R7');
        $this->assertAccessible('Find');
        $this->write('#find-text', 'U1', false);
        $this->text('.FindBox-find li', 'LM393');
        $this->find('#find-text')->sendKeys(WebDriverKeys::ENTER);
        $this->text('.parts-detail h2', 'U1');
    }

    public function test_a_table_is_saved_as_a_workbook(): void
    {
        $this->signIn();
        $this->click('.shelf-kitrow h2 a', 'Frost Bell');
        $this->find('.parts-parts-table');
        self::driver()->executeScript(
            'window.saved = null; URL.createObjectURL = blob => { window.saved = blob; return "#"; }',
        );
        $this->click('.ui-bar button', 'XLSX');
        $kind = self::driver()
            ->wait(90, 50)
            ->until(
                static fn(): string => (string) self::driver()->executeScript(
                    'return window.saved ? window.saved.type : ""',
                ),
            );
        self::assertStringContainsString('spreadsheetml', (string) $kind);
    }

    public function test_undo_takes_an_edit_back_and_redo_makes_it_again(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', ['undo.csv' => "Reference,Value,Package\nR1,1k,Axial 1/4W\n"]);
        (new WebDriverActions(self::driver()))
            ->doubleClick($this->text('.parts-parts-table td', "1\u{2009}kΩ"))
            ->perform();
        $this->write('.parts-celledit input', '3k3');
        $this->text('.parts-parts-table td', "3.3\u{2009}kΩ");
        $this->click('.KitStrip-tools button', 'Undo');
        $this->text('.parts-parts-table td', "1\u{2009}kΩ");
        $this->click('.KitStrip-tools button', 'Redo');
        $this->text('.parts-parts-table td', "3.3\u{2009}kΩ");
    }

    public function test_a_packer_may_look_but_not_change(): void
    {
        $this->signIn('packer@saltmarsh.example');
        $this->gone('.shelf-shelf .MuiButton-contained');
        $this->click('.shelf-kitrow h2 a', 'Frost Bell');
        $this->find('.parts-parts-table');
        self::assertFalse($this->text('.parts-answers button', 'terminal block')->isEnabled());
    }

    public function test_a_bad_file_is_refused_on_the_page_and_nothing_is_lost(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', ['bad.csv' => ' ']);
        $this->text('.ui-refusal', 'bad.csv is empty');
        $this->text('.shelf-kitrow h2', 'Frost Bell');

        // Columns that do not tell which holds the designators: asked, and read once told.
        $this->drop('.shelf-shelf', ['odd-columns.csv' => "Spot,Wert\nR1,1k\n"]);
        $this->text('.shelf-which', 'odd-columns.csv: no column is named for the designators');
        $this->assertAccessible('Shelf, asking for a column');
        $this->click('#designator-column option', 'Spot');
        $this->text('.KitStrip-strip b', 'Odd columns');
        $this->text('.parts-parts-table td', 'R1');
    }

    public function test_signing_in_with_a_wrong_password_says_so(): void
    {
        self::driver()->manage()->deleteAllCookies();
        $this->open('/sign-in');
        $this->assertAccessible('Sign in');
        $this->find('#email')->sendKeys('nobody@saltmarsh.example');
        $this->find('#password')->sendKeys('wrong' . WebDriverKeys::ENTER);
        $this->text('[role="alert"]', 'does not match');
    }
}
