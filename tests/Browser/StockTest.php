<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Stock by lot, and the bags' costs, cuts and weighings, as a maker uses them. */
final class StockTest extends BrowserCase
{
    public function test_a_lot_is_received_counted_held_and_looked_at(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', [
            'stock-board.csv' => "Reference,Value,Package\nR1,4k3 5%,Axial 1/4W\nR2,43k 5%,Axial 1/4W\n",
        ]);
        $this->find('.parts-parts-table');
        $this->open('/stock?view=parts');
        $this->write('#part-filter', '4k3', false);
        $this->click('.stock-row', '4k3 5%');
        $this->assertAccessible('Stock');
        $this->click('.stock-receive1 button', 'Receive a lot');
        $this->write('#receipt-lot', '24-07', false);
        $this->click('.stock-receive button', 'Book the lot');
        $this->text('.stock-receive', 'How many came in');
        $this->write('#receipt-quantity', '200', false);
        $this->click('.stock-receive button', 'Book the lot');
        $this->text('.stock-lothead', '24-07');
        $this->text('.stock-hand', '200');

        $this->write('.stock-deed .stock-many input', '198', false);
        $this->click('.stock-deed button', 'Book it');
        $this->text('.stock-hand', '198');
        $this->text('.stock-log', 'counted');
        foreach (['yellow', 'orange', 'orange', 'gold'] as $colour) {
            $this->click('.stock-colour', $colour);
        }
        $this->click('.stock-tapped button', 'Compare');
        $this->text('.stock-pane', 'It is another part: R2');
        $this->click('.stock-deed button', 'Hold it');
        $this->text('.stock-lothead', 'on hold');
        $this->assertAccessible('Stock, a lot on hold');
    }

    public function test_a_table_of_lots_says_which_row_is_wrong(): void
    {
        $this->signIn();
        $this->open('/stock?view=parts');
        $this->find('.stock-rows li');
        $this->drop('.stock-parts', ['shelf.csv' => "part,lot,quantity\nno such part,1,5\n"]);
        $this->text('.MuiAlert-root', 'shelf.csv, row 2, column part');
    }

    public function test_bags_by_cost_tape_what_looks_alike_and_the_scale_says_what_it_proves(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', [
            'bom.csv' => "Reference,Value,Package\nR1,330 5%,Axial 1/4W\nR2,3k3 5%,Axial 1/4W\nJ1,1x4,pin header\n",
            'kit.json' =>
                '{"format": 1, "name": "Cheap board", "stock": [{"name": "pin strip", "kind": "pin-header", "length": 40, "unit": "position"}]}',
        ]);
        $this->find('.parts-parts-table');
        $this->press('5');
        $this->click('.MuiToggleButtonGroup-root button', 'by cost');
        $this->text('.bags-strip', 'on the strip');
        $this->text('.ui-bar', '0.33 a kit');
        $this->click('[role="tab"]', 'Cutting');
        $this->text('.bags-cutsheet', 'pin strip: 2');
        $this->assertAccessible('Bags, cutting');
        $this->click('[role="tab"]', 'Weighing');
        $this->write('#weighings', "R1, 10, 2.12\nR1 ten", false);
        $this->text('.bags-cutsheet [role="alert"]', 'Row 2');
        $rows = '';
        foreach (['R1', 'R2', 'J1'] as $part) {
            foreach (['10, 2.12', '10, 2.15', '20, 4.26', '20, 4.30', '40, 8.55'] as $weighed) {
                $rows .= "{$part}, {$weighed}\n";
            }
        }
        $this->write('#weighings', $rows, false);
        $this->click('.bags-cutsheet button', 'Keep the weighings');
        $this->text('.bags-handfuls', 'kits');
        $this->assertAccessible('Bags, weighing');
        $this->click('[role="tab"]', 'Bags');
        $this->text('.bags-scale', 'the scale proves the count');
    }
}
