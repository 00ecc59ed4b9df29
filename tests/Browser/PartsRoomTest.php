<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Look-alikes side by side, substitutes, pasting from a spreadsheet, options, and the library of parts. */
final class PartsRoomTest extends BrowserCase
{
    public function test_look_alikes_stand_side_by_side_and_substitutes_say_whether_it_matters(): void
    {
        $this->signIn();
        $this->click('.shelf-kitrow h2 a', 'Frost Bell');
        $this->click('.MuiTabs-root button', 'Look-alikes');
        $this->text('.parts-alikewhy', 'their bodies do not tell what is in them');
        $width = static fn(): float => (float) self::driver()->executeScript(
            'return document.querySelector(".parts-look").getBoundingClientRect().width',
        );
        $twice = $width();
        $this->click('.MuiToggleButtonGroup-root button', '1:1');
        $this->find('.MuiToggleButtonGroup-root button[aria-pressed="true"]');
        self::assertEqualsWithDelta($twice / 2, $width(), 0.5, 'a scale is a scale');
        $this->assertAccessible('Look-alikes');
        $this->click('.parts-lookside', 'ZD1');
        $this->text('.parts-detail h2', 'ZD1');
        $this->click('.parts-more summary', 'Substitutes');
        $this->text('.parts-detail .ui-why li', 'Gate supply needs ZD1');
        $this->text('.parts-detail p', 'SB-D-51');
        $this->assertAccessible('The line');
    }

    public function test_a_table_pasted_from_a_spreadsheet_is_a_parts_list_and_a_column_fills_the_values(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', ['paste-board.csv' => "Reference,Value,Package\nR1,10k,Axial 1/4W\n"]);
        $this->text('.parts-parts-table td', '10');
        $this->paste("Reference\tValue\tPackage\nR1\t10k\tAxial 1/4W\nR2\t4k7\tAxial 1/4W\nR3\t1k\tAxial 1/4W\n");
        $this->text('.parts-parts-table td', 'R3');
        $this->click('.parts-parts-table td', 'R2');
        $this->find('tr[aria-selected="true"]');
        $this->paste("22k\n33k\n");
        $this->text('.parts-parts-table td', "33\u{2009}k\u{03A9}");
        $this->text('.parts-parts-table td', "22\u{2009}k\u{03A9}");
        $this->press(WebDriverKeys::CONTROL . 'z');
        $this->text('.parts-parts-table td', "4.7\u{2009}k\u{03A9}");
        $this->click('.parts-parts-table td', 'R1');
        $this->text('.parts-detail h2', 'R1');
        $this->click('#line-legend option', 'the value');
        $this->write('#line-prints', '473');
        $this->press('2');
        $this->text('.MattersFoot-foot', 'the board prints 473');
    }

    public function test_an_option_changes_what_follows(): void
    {
        $this->signIn();
        $this->click('.shelf-kitrow h2 a', 'Frost Bell');
        $this->find('.parts-parts-table');
        $this->press('5');
        $this->text('.bags-bag', 'plain');
        $this->click('[aria-label="option box"] option', 'box: drilled');
        $this->text('.bags-bag', 'drilled');
        $this->press('7');
        $this->find('.manual-steppage');
        $this->text('[aria-label="option box"] option:checked', 'box: drilled');
        $this->assertAccessible('Manual with an option');
    }

    public function test_a_part_of_the_library_is_written_and_found_by_keyboard(): void
    {
        $this->signIn();
        $this->open('/library');
        $this->text('.ui-roomhead', 'parts of all kits');
        $this->find('#library-filter')->sendKeys('LM393');
        $this->text('.MuiDataGrid-cell', 'LM393');
        $this->gone('.MuiDataGrid-row:nth-child(2)');
        $this->find('#library-filter')->sendKeys(WebDriverKeys::TAB);
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->find('.library-partform');
        $this->assertAccessible('Library');
        $this->write('#part-number', 'SB-U-393');
        $this->text('.MuiDataGrid-cell.ink-m', 'SB-U-393');
        $this->write('#part-height', 'tall');
        $this->text('.MuiAlert-root', '"tall" is not a length');
        self::assertSame('tall', $this->find('#part-height')->getAttribute('value'), 'the words stay');
        $this->click('.library-uses a', 'Frost Bell');
        $this->text('.parts-detail p', 'SB-U-393');
    }

    public function test_of_a_long_list_the_rows_near_the_window_are_drawn_and_the_keys_go_through_all(): void
    {
        $rows = array_map(static fn(int $i): string => "R{$i},{$i}k,Axial 1/4W", range(1, 400));
        $this->signIn();
        $this->drop('.shelf-shelf', ['long.csv' => "Ref,Value,Package\n" . implode("\n", $rows) . "\n"]);
        $this->text('.ui-bar b', '400 lines');
        $this->click('.parts-parts-table td', 'R3');
        $drawn = 'return document.querySelectorAll(".parts-parts-table tr[data-index]").length';
        self::assertLessThan(80, self::driver()->executeScript($drawn));
        self::driver()->executeScript('document.querySelector("[aria-label=\'Parts list\']").scrollTop = 1e6');
        $this->click('.parts-parts-table td', 'R400');
        $this->press(...array_fill(0, 40, WebDriverKeys::ARROW_UP));
        $this->text('.parts-parts-table tr[aria-selected=true] td', 'R360');
        $this->assertAccessible('Parts, a long list');
    }

    private function paste(string $text): void
    {
        self::driver()->executeScript(
            'const data = new DataTransfer(); data.setData("text/plain", arguments[0]); document.body.dispatchEvent(new ClipboardEvent("paste", {bubbles: true, cancelable: true, clipboardData: data}));',
            [$text],
        );
    }
}
