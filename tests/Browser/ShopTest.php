<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;

/** Bags and Sales as a maker uses them. */
final class ShopTest extends BrowserCase
{
    public function test_a_part_is_dragged_into_another_bag_the_plan_warns_and_it_goes_back(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', [
            'bag-board.csv' => "Reference,Value,Package\nR1,470 5%,Axial 1/4W\nR2,47k 5%,Axial 1/4W\nC1,47u,6.3x11\n",
        ]);
        $this->find('.parts-parts-table');
        $this->press('5');
        $this->find('.bags-bag');
        $this->assertAccessible('Bags');
        self::assertCount(3, self::driver()->findElements(WebDriverBy::cssSelector('.bags-bag')));
        $this->find('[data-part="R2"]')->click();
        $this->find('.bags-ties path');
        $this->text('.bags-foes', 'R2 looks like R1');

        $actions = (new WebDriverActions(self::driver()))
            ->clickAndHold($this->find('[data-part="R2"]'))
            ->moveByOffset(8, 0)
            ->moveToElement($this->find('[data-bag="A"] h2'));
        $actions->perform();
        $this->find('[data-bag="A"].bags-target');
        (new WebDriverActions(self::driver()))->release()->perform();
        $this->text('[data-bag="A"] .ink-ochre', 'look alike; put them into different bags');
        $this->text('.KitStrip-strip nav a', '1 open');
        $this->text('[data-bag="A"] .bags-own', 'R2: your choice');
        $this->click('[data-bag="A"] .bags-own button', 'back to computed');
        $this->gone('.bags-own');

        // The same without a pointer: a choice beside the part.
        $this->click('#bag-of-part option', 'a new bag, D');
        $this->text('[data-bag="D"] .bags-own', 'your choice');
        $this->click('.MuiToggleButtonGroup-root button', 'parts, hardware');
        $this->text('[data-bag="A"] h2', 'Parts');
    }

    public function test_what_the_first_kit_lacked_is_written_down_told_and_put_right(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', [
            'first-board.csv' => "Reference,Value,Package\nR1,470 5%,Axial 1/4W\nC1,47u,6.3x11\n",
        ]);
        $this->find('.parts-parts-table');
        $this->press('5');
        $this->click('#first-part option', 'C1');
        $this->write('#first-pieces', '-1', false);
        $this->click('.bags-first button', 'Write it down');
        $this->text('.bags-first li', 'C1: 1 missing');
        $this->text('body', 'Missing in the first kit: 1 of C1');
        $this->assertAccessible('Bags, first kit');
        $this->click('.bags-first button', 'put right');
        $this->gone('.bags-first li');
        $this->click('.bags-first .MuiToggleButtonGroup-root button', 'packed and built');
        $this->text('.bags-first [aria-pressed="true"]', 'packed and built');
    }

    public function test_an_order_is_booked_set_aside_and_shipped(): void
    {
        $this->signIn();
        $this->open('/sales?view=orders');
        $this->text('.MuiDataGrid-cell', 'SB-10');
        $this->assertAccessible('Sales');
        $this->click('.ui-roomhead button', 'New order');
        $this->find('#order-number')->sendKeys('T-1');
        $this->find('#order-customer')->sendKeys('Gwen Tressel');
        $this->find('#order-kit')->sendKeys('frost');
        $this->click('[role="option"]', 'Frost Bell');
        $this->assertAccessible('A new order');
        $this->click('.sales-neworder button', 'Book the order');
        $this->text('.sales-said', 'Order booked');
        $this->find('#order-filter')->sendKeys('T-1');
        $this->text('.MuiDataGrid-row:only-child .MuiDataGrid-cell', 'T-1');
        $this->click('.MuiDataGrid-row:only-child .MuiDataGrid-cell', 'T-1');
        $this->click('.slip-slip button', 'Set aside');
        $this->text('.sales-allocated', 'set aside');
        $this->click('.slip-slip button', 'Ship');
        $this->text('.sales-shipped', 'shipped');

        $this->drop('.sales-salesroom', [
            'orders.csv' => "number,date,customer,kit,quantity\nT-2,2026-11-25,Luc Armand,Lamp,1\n",
        ]);
        $this->text('.table-rows li', '"Lamp" is not on the Shelf');
        self::assertNotNull($this->find('.MuiDialogActions-root button:disabled'));
        $this->assertAccessible('A table of orders');
    }

    public function test_what_cannot_be_taken_is_refused_in_words_and_a_kit_that_cannot_be_read_is_a_row(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', [
            'huge.csv' =>
                "Ref,Value\n" . implode('', array_map(static fn(int $i): string => "R{$i},10k\n", range(1, 5001))),
        ]);
        $this->text('.ui-refusal', '5,000 rows');
        $list = "Reference,Value,Package\nR1,10k,Axial 1/4W\nD1,1N4148,DO-35\n";
        $this->drop('.shelf-shelf', ['lost-list.csv' => $list]);
        $this->find('.parts-parts-table');
        $hash = hash('sha256', $list);
        unlink(getenv('CHIRALEX_FILES') . '/' . substr($hash, 0, 2) . "/{$hash}");
        $id = (int) preg_replace('~^.*/kits/(\d+)/.*$~', '$1', self::driver()->getCurrentURL());
        $this->fetched("/api/revisions/{$id}/documents/order-block-by-block");
        $this->open('/');
        $this->text('.shelf-kitrow .shelf-why', 'A stored file of this kit is missing');
        $this->text('.shelf-kitrow h2 a', 'Frost Bell');
        $this->assertAccessible('Shelf with a kit that cannot be read');
        $this->click('.shelf-kitrow .shelf-next button', 'put the kit aside');
        $this->gone('.shelf-kitrow .shelf-why');
    }

    public function test_an_earlier_revision_is_reached_and_compared_with(): void
    {
        $this->signIn();
        $this->click('.shelf-kitrow h2 a', 'Frost Bell');
        $this->click('.MuiTabs-root button', 'Compare');
        $this->text('.parts-differences td', 'R16 was 1');
        $this->text('.parts-cutline', 'Packed as A');
        $this->assertAccessible('Revisions compared');
        $this->click('.KitStrip-revisions option', 'A');
        $this->text('.KitStrip-strip .KitStrip-name span', 'released');
        self::assertFalse($this->text('.KitStrip-tools button', 'Undo')->isEnabled());
    }

    public function test_each_person_sees_the_rooms_they_work_in(): void
    {
        foreach (
            [
                'packer' => ['Shelf', 'Library', 'Stock', 'Packing', 'Sales', 'Shop'],
                'support' => ['Shelf', 'Library', 'Stock', 'Reports', 'Shop'],
            ] as $person => $rooms
        ) {
            $this->signIn("{$person}@saltmarsh.example");
            $this->text('.Frame-spine a', $rooms[count($rooms) - 2]);
            self::assertSame(
                $rooms,
                array_map(
                    static fn($link): string => trim($link->getText()),
                    self::driver()->findElements(WebDriverBy::cssSelector('.Frame-spine a')),
                ),
            );
        }
    }
}
