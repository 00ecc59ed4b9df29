<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Sales: an order of several articles on its way, orders moved in their row, a foreign table read and booked. */
final class SalesRoomTest extends BrowserCase
{
    public function test_an_order_of_two_articles_is_changed_shipped_with_a_number_back_and_cancelled(): void
    {
        $this->signIn();
        $this->open('/sales?view=orders');
        $this->click('.ui-roomhead button', 'New order');
        $this->find('#order-number')->sendKeys('T-7');
        // Somebody who ordered before is found with address and all.
        $this->find('#order-customer')->sendKeys('elin');
        $this->click('[role="option"]', 'Elin Skarp');
        self::assertStringContainsString('@', (string) $this->find('#order-email')->getAttribute('value'));
        $this->choose('frost', 'Frost Bell');
        $this->click('.sales-adder button', 'Add another article');
        $this->text('.sales-lines', '× Frost Bell');
        $this->choose('kiln', 'Kiln Watch');
        $this->click('.sales-neworder button', 'Book the order');
        $this->text('.sales-said', 'Order booked');
        $this->find('#order-filter')->sendKeys('T-7');
        $this->click('.MuiDataGrid-row:only-child .MuiDataGrid-cell', 'T-7');
        $this->text('.slip-slip', '1 × Frost Bell');
        $this->text('.slip-slip', '1 × Kiln Watch');

        $this->click('.slip-slip button', 'change');
        $this->text('.MuiDialog-root', 'What order T-7 asks for');
        $this->assertAccessible('An order that is changed');
        $this->click('.MuiDialog-root button[aria-label="take out Kiln Watch"]', 'take out');
        $this->click('.MuiDialogActions-root button', 'Change the order');
        $this->text('.slip-changes', 'changed, −1 × Kiln Watch');

        $this->click('.slip-slip button', 'Set aside');
        $this->text('.slip-slip', 'tracking');
        $this->find('.slip-acts input')->sendKeys('RR 123');
        $this->click('.slip-slip button', 'Ship');
        $this->text('.slip-slip', 'tracking RR 123');

        $this->click('.slip-slip button', 'came back');
        $this->assertAccessible('An order that came back');
        $this->find('.sales-gone input[type="checkbox"]')->click();
        $this->find('#return-note')->sendKeys('sounder cracked');
        $this->click('.MuiDialogActions-root button', 'Take it in');
        $this->text('.slip-changes', 'came back: another is sent. sounder cracked');
        $this->click('.slip-slip button', 'cancel');
        $this->click('.MuiDialogActions-root button', 'Cancel the order');
        $this->text('.slip-slip', 'take it up again');
        $this->text('.sales-cancelled', 'cancelled');
    }

    public function test_orders_are_moved_in_their_row_by_hand_and_by_key_and_the_days_say_why(): void
    {
        $this->signIn();
        $this->open('/sales');
        $this->find('.strip-bundle');
        $this->click('.ui-roomhead button', 'Why these days?');
        $this->text('.MuiDialog-root', 'nothing is promised twice');
        $this->assertAccessible('Why these days');
        $this->click('.MuiDialogActions-root button', 'Back');
        $this->gone('.MuiDialog-root');
        // Two orders that wait for the same kit.
        foreach (['T-21', 'T-22'] as $number) {
            $this->open('/sales?view=orders');
            $this->click('.ui-roomhead button', 'New order');
            $this->find('#order-number')->sendKeys($number);
            $this->find('#order-customer')->sendKeys('Gwen Tressel');
            $this->choose('frost', 'Frost Bell');
            $this->write('#order-quantity', '90', false);
            $this->click('.sales-neworder button', 'Book the order');
            $this->text('.sales-said', 'Order booked');
        }
        $this->open('/sales');
        $this->click('.strip-bundle', 'T-22');
        $this->click('.slip-slip button', 'Serve sooner');
        $this->inRow('T-22', 'T-21');
        $this->click('.slip-slip button', 'Serve later');
        $this->inRow('T-21', 'T-22');
        self::driver()
            ->action()
            ->dragAndDrop($this->text('.strip-bundle', 'T-22'), $this->text('.strip-bundle', 'T-21'))
            ->perform();
        $this->inRow('T-22', 'T-21');
        $this->assertAccessible('The strip of days');
    }

    public function test_a_foreign_table_is_read_shown_and_its_good_rows_booked(): void
    {
        $this->signIn();
        $this->open('/sales?view=orders');
        $this->find('.MuiDataGrid-cell');
        $this->drop('.sales-salesroom', [
            'shop.csv' =>
                "Ref;Created at;Buyer name;Item;Qty;Unit price\n" .
                "#81;03/04/2026;Ines Caldeira;Frost alarm kit;2;24,50\n#82;04/04/2026;Luc Armand;Frost Bell;none;24,50\n",
        ]);
        $this->text('.table-columns', 'needed');
        $this->click('#table-number option', 'Ref');
        $this->text('.MuiDialog-root', 'Some days can be read in two ways');
        $this->click('#table-dates option', 'the day stands first');
        $this->text('.MuiDialog-root', 'Nobody sells Frost alarm kit here');
        $this->click('[aria-label="what Frost alarm kit means"] option', 'Frost Bell');
        $this->text('.MuiDialogActions-root', 'Book 1 order');
        $this->text('.table-rows', '"none" is no whole number');
        $this->assertAccessible('A foreign table of orders');
        $this->click('.MuiDialogActions-root button', 'Book 1 order');
        $this->text('.sales-said', '1 order booked, not booked: shop.csv, row 3, quantity');
    }

    private function choose(string $letters, string $kit): void
    {
        $this->find('#order-kit')->sendKeys($letters);
        $this->click('[role="option"]', $kit);
    }

    /** Waits until one order stands before another. */
    private function inRow(string $first, string $second): void
    {
        $this->addToAssertionCount(1);
        self::driver()
            ->wait(10, 50)
            ->until(
                fn(): bool => strpos($this->fetched('/api/orders/strip'), $first) <
                    strpos($this->fetched('/api/orders/strip'), $second),
                "{$first} does not stand before {$second}",
            );
    }
}
