<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A short part is found by the planks, bought, and received, as a maker does it; nothing of it is the demo's. */
final class BuyingTest extends BrowserCase
{
    public function test_the_short_part_is_found_bought_and_received(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', [
            'planks-board.csv' =>
                "Reference,Value,Package\nR1,6k2 5%,Axial 1/4W\nR2,6k2 5%,Axial 1/4W\nZD9,8V2,DO-35\n",
        ]);
        $this->find('.parts-parts-table');
        $this->open('/stock?view=parts');
        $this->find('.stock-rows li');
        $this->drop('.stock-parts', ['shelf.csv' => "part,lot,quantity\n6k2 5%,t-1,80\n8V2,t-2,3\n"]);
        $this->text('[role="status"]', '2 lots received.');

        $this->open('/stock');
        $this->write('#planks-kit', 'planks', false);
        $this->click('[role="option"]', 'Planks board');
        $this->text('.planks-head b', '3 kits can be packed today: 8V2');
        $this->assertAccessible('Stock, planks');
        $this->click('.planks-why a', 'What to order for more kits');
        $this->text('.buying-batch', 'Planks board');

        $this->click('.MuiToggleButtonGroup-root button', 'Suppliers and offers');
        $this->drop('.buying-who', [
            'offers.csv' => "part,supplier,currency,from,unit_price\n8V2,Tern Parts,EUR,1,0.12\n8V2,Tern Parts,EUR,25,nine\n6k2 5%,Tern Parts,EUR,1,0.02\n",
        ]);
        $this->text('.buying-taken', '2 offers are new');
        $this->text('.buying-taken li', 'row 3, column unit_price');
        $this->assertAccessible('Stock, suppliers and offers');

        $this->click('.MuiToggleButtonGroup-root button', 'What to order');
        $this->text('.buying-sheet', 'Tern Parts');
        $this->text('.buying-why', 'so there is needed');
        $this->assertAccessible('Stock, what to order');
        $this->click('.buying-sum button', 'Note the order as sent');
        $this->text('.buying-purchase', '20 Planks board');
        $this->write('.buying-coming .buying-lot input', '26-900', false);
        $this->click('.buying-coming button', 'Book it');
        $this->text('.buying-coming', '17 of 17');
        $this->text('.buying-purchase', 'all of it has come');
        $this->assertAccessible('Stock, on the way');

        $this->click('[role="tab"]', 'Planks');
        $this->write('#planks-kit', 'planks', false);
        $this->click('[role="option"]', 'Planks board');
        $this->text('.planks-head b', '20 kits can be packed today: 8V2');
    }
}
