<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;

/** A kit without a single file: typed, said and settled in the rooms. */
final class ByHandTest extends BrowserCase
{
    public function test_a_kit_is_typed_and_its_facts_are_said_without_a_file(): void
    {
        $this->signIn();
        $this->click('.shelf-end button', 'New kit by hand');
        $this->find('.shelf-byhand input')->sendKeys('Bench Lamp Test');
        $rows = [
            ['R1', '', '1k', 'Axial 1/4W', 'resistor'],
            ['C1', '', '100n', 'disc 5mm', 'ceramic'],
            ['J1', '', '2 way', '5.08', 'terminal block'],
        ];
        $columns = ['designators', 'quantity', 'value', 'package', 'description'];
        foreach ($rows as $at => $row) {
            foreach ($row as $index => $cell) {
                if ($cell !== '') {
                    $this->find("[aria-label='{$columns[$index]}, row " . ($at + 1) . "']")->sendKeys($cell);
                }
            }
        }
        $this->click('.MuiDialogActions-root button', 'Make the kit');
        $this->text('.KitStrip-strip b', 'Bench Lamp Test');
        $this->text('.ui-bar b', '3 lines, 3 parts');

        // A part that was forgotten, and undo.
        $this->click('.parts-add button', 'Add a part');
        $this->find('.parts-byhand input');
        $fields = self::driver()->findElements(WebDriverBy::cssSelector('.parts-byhand input'));
        $fields[0]->sendKeys('R2');
        $fields[2]->sendKeys('4k7');
        $this->click('.MuiDialogActions-root button', 'Put it into the list');
        $this->text('.ui-bar b', '4 lines, 4 parts');
        $this->click('.MuiDialogActions-root button', 'Done');
        $this->gone('.MuiDialog-root');

        // Its name, its supply, an order of two parts.
        $this->click('.KitStrip-name a', 'facts');
        $this->write('[aria-label="name, Name 1"]', 'Halt Lamp', false);
        $this->click('.facts-acts button', 'Save name');
        $this->text('.KitStrip-name b', 'Halt Lamp');
        $this->find('[aria-label="volts, Supply 1"]')->sendKeys('8 to 9.6');
        $this->find('[aria-label="amps at most, Supply 1"]')->sendKeys('much');
        $this->click('.facts-acts button', 'Save supply');
        $this->text('.facts-fault', 'a number is wanted, not much');
        $this->write('[aria-label="amps at most, Supply 1"]', '0.05', false);
        $this->click('.facts-acts button', 'Save supply');
        $this->gone('.facts-acts');
        $this->click('.MuiTabs-root button', 'Order');
        $this->find('[aria-label="first, First this, then that 1"]')->sendKeys("C1\t");
        $this->find('[aria-label="then, First this, then that 1"]')->sendKeys("R1\t");
        $this->click('.facts-acts button', 'Save first this, then that');
        $this->gone('.facts-acts');
        $this->assertAccessible('Facts');

        // The order follows it.
        $this->click('.KitStrip-strip a', 'Order');
        $this->find('.order-step');
        $steps = implode(
            ' ',
            array_map(
                static fn(WebDriverElement $step): string => $step->getText(),
                self::driver()->findElements(WebDriverBy::cssSelector('.order-step')),
            ),
        );
        self::assertLessThan(strpos($steps, 'R1'), strpos($steps, 'C1'));
    }
}
