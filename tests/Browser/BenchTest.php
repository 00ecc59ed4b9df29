<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The board's files, from where a part is reached, and a pilot build at the bench. */
final class BenchTest extends BrowserCase
{
    private const CROWD = [
        'crowd.csv' =>
            "Ref,Value,Package,Description\nSW1,set,6x6,tact switch\nK1,5 V,block 15x15x15.5,relay\nK2,5 V,block 15x15x15.5,relay\nK3,5 V,block 15x15x15.5,relay\n",
        'crowd-placement.csv' =>
            "Ref,X,Y,Rotation,Side\nSW1,40,30,0,top\nK1,53.5,30,0,top\nK2,26.5,30,0,top\nK3,40,43.5,0,top\n",
    ];

    public function test_the_directions_a_part_is_reached_from_are_drawn_on_the_board(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', self::CROWD);
        $this->find('.parts-parts-table');
        $this->press('2');
        $this->text('.ui-caption b', 'Places');
        $this->click('.ui-table td', 'SW1');
        $this->text('.ui-reach', 'Two fingers find no opposite gaps');
        $this->find('.approach .free.tight');
        $this->assertAccessible('Board with what is reached');
        $this->press('3');
        $this->text('.order-steps', 'SW1');
        $this->gone('.approach .free.tight');
        $this->text('.order-rests', 'Iron at');
        $this->press('w');
        $this->text('.order-stepwhy', 'The usual time');
        $this->assertAccessible('Order with reasons');
    }

    public function test_a_layer_file_and_the_colours_of_the_board_change_its_drawing(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', ['layered.csv' => "Ref,Value,Package\nR1,10k,Axial 1/4W\n"]);
        $this->find('.parts-parts-table');
        $this->drop('.KitFrame-kit', [
            'top.gbr' =>
                '%TF.FileFunction,Component,L1,Top*%%FSLAX46Y46*%%MOMM*%%TA.AperFunction,ComponentMain*%%ADD10C,0.3*%%TD*%D10*%TO.C,R1*%X10000000Y20000000D03*M02*',
            'edge.gbr' =>
                '%TF.FileFunction,Profile,NP*%%FSLAX46Y46*%%MOMM*%%ADD10C,0.1*%D10*G01*X0Y0D02*X40000000D01*Y30000000D01*X0D01*Y0D01*M02*',
        ]);
        $this->press('2');
        $this->text('.ui-bar', '40.0 × 30.0 mm');
        $this->text('.ui-table td', '10.00');
        $this->click('.board-station-pads option', 'blue');
        $this->find('.board .mask[fill="#2E4F83"]');
    }

    public function test_a_pilot_build_is_logged_by_keyboard_with_a_snag_that_becomes_a_matter(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', self::CROWD);
        $this->find('.parts-parts-table');
        $this->press('3');
        $this->click('.ui-bar a', 'Pilot');
        $this->text('.pilot-bench-step h1', '1. ');
        $this->assertAccessible('Pilot build');
        $this->press('p');
        $this->ready('.pilot-bench-keys button', 'Hold the watch');
        $this->press('s');
        $this->find('#snag-text')->sendKeys('K1 sits askew');
        $this->click('.pilot-snag button', 'Note it');
        $this->text('.pilot-pilotlog', 'K1 sits askew');
        $this->gone('.pilot-snag');
        $this->press(' ');
        $this->text('.pilot-bench-step h1', '2. ');
        $this->text('.pilot-pilotlog .ui-table td', '1. ');
        self::driver()->navigate()->refresh();
        $this->text('.pilot-bench-step h1', '2. ');
        $this->ready('.pilot-bench-keys button', 'Hold the watch');
        $this->press('3');
        $this->text('.MattersFoot-foot', 'K1 sits askew');
        $this->ready('.KitStrip-strip nav a', 'Order');
        $this->click('.ui-bar a', 'Pilot');
        $this->click('.pilot-pilotlog button', 'settled');
        $this->text('.pilot-pilotlog', 'open again');
    }

    public function test_a_test_is_written_with_its_range_worked_out_while_it_is_typed(): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', [
            'level.csv' => "Ref,Value,Package\nR1,10k 5%,Axial 1/4W\nR2,10k 5%,Axial 1/4W\nRV1,20k,trimmer 10mm\n",
        ]);
        $this->find('.parts-parts-table');
        $this->press('6');
        $this->text('.ui-work', 'No test yet');
        $this->click('.ui-bar button', 'Add a test');
        $this->write('#test-expect', 'divider(5 V, R1, R9)', false);
        $this->text('.bench-testform [role=alert]', 'there is no R9');
        $this->write('#test-expect', '2.2 to 2.6 V = divider(5 V, R1, RV1)', false);
        $this->text('.bench-worked', 'The manual prints: expect 2.2 to 2.6 V');
        $this->write('#test-name', 'level', false);
        $this->write('#test-points', 'R1, RV1', false);
        $this->click('#test-adjusts option', 'RV1');
        $this->text('.bench-tolerance', 'RV1 reaches');
        $this->click('.bench-testform button', 'Save the test');
        $this->text('.bench-testrow', 'turn RV1');
        $this->text('.ui-caption b', 'level');
        $this->press('w');
        $this->text('.bench-worked .bench-why', '1000 of 1,000 kits reach');
        $this->assertAccessible('Bench');
        $this->click('.KitStrip-tools button', 'Undo');
        $this->gone('.bench-testrow');
    }
}
