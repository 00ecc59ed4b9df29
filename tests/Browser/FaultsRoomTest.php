<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A missing part from the phone to the parcel; a cause mended and watched; a bad lot stopped and let go again. */
final class FaultsRoomTest extends BrowserCase
{
    public function test_a_builder_says_what_is_missing_and_the_maker_settles_it_with_a_parcel(): void
    {
        $this->signIn();
        $this->open('/');
        $this->find('.shelf-kitrow');
        $serials = json_decode($this->fetched('/api/runs/1/serials'), true, 8, JSON_THROW_ON_ERROR);
        $serial = $serials['serials'][3]['serial'];
        $released = json_decode($this->fetched('/api/revisions/1'), true, 512, JSON_THROW_ON_ERROR)['released'];
        $this->onPhone(function () use ($released, $serial): void {
            $this->open($released['address']);
            $this->click('.builder-contentrow button', 'not there?');
            $this->text('.builder-inhand figcaption', 'About true size, 15 mm long');
            $this->text('.builder-alike', '47');
            $this->assertAccessible('Is it missing?');
            $this->click('.builder-answers button', 'As many as listed');
            $this->text('h2', 'Lay out all parts of bag A');
            // Reloaded, it goes on where it was.
            self::driver()->navigate()->refresh();
            $this->click('.builder-answers button', 'It is not there');
            $this->find('.builder-stepboard svg');
            $this->click('.builder-answers button', 'It is not on it');
            $this->text('form p', '1 of 3 missing: 470');
            $this->write('#claim-serial', $serial, false);
            $this->write('#claim-name', 'Nele Brandt', false);
            $this->write('#claim-email', 'nele@example.org', false);
            $this->assertAccessible('The claim');
            $this->click('.builder-answers button', 'Tell the maker');
            $this->text('.builder-doneline', 'Thank you');
        });

        $this->open('/reports');
        $this->click('.wall-paper', '1 of 3 missing');
        $this->text('.sheet-checks', 'on-board');
        $this->text('.sheet-margin', 'R1: truly missing in');
        $this->text('.sheet-margin label', 'take 1 × R1 from stock into a parcel');
        $this->click('.sheet-margin button', 'Read it');
        $this->click('.sheet-margin button', 'Send the answer');
        $this->text('.sheet-margin', 'lies ready');
        $this->assertAccessible('A claim that is settled');
        $this->open('/sales');
        $this->text('.strip-strip', 'REPORT-');
        $this->text('.strip-strip', 'Nele Brandt');
    }

    public function test_a_cause_is_mended_and_watched(): void
    {
        $this->signIn();
        $this->open('/');
        $this->click('.shelf-kitrow h2 a', 'Kiln Watch');
        $this->find('.parts-parts-table');
        $this->press('8');
        $this->click('.faults-feverrow', 'R3');
        $this->text('.faults-causes', 'R3 swapped');
        $this->text('.faults-causes', 'Mended, it saves about');
        $this->press('w');
        $this->text('.faults-causes', 'minutes are work');
        $this->click('.faults-mendplace', 'bag');
        $this->text('.faults-mended', 'R3 swapped, its bag');
        $this->text('.faults-mended', 'from revision B on');
        $this->assertAccessible('Faults, mended');
        $this->click('.faults-mended button', 'take back');
        $this->gone('.faults-mended');
        // From the cause to the very step, and to the very bag.
        $this->click('.faults-causes a', 'its step');
        $this->text('.order-step[aria-current="step"]', 'R3');
        $this->press('8');
        $this->click('.faults-feverrow', 'R3');
        $this->click('.faults-causes a', 'its bag');
        $this->text('body', 'R3 into');
    }

    public function test_a_bad_lot_is_stopped_in_one_go_and_taken_back(): void
    {
        $this->signIn();
        $this->open('/');
        $this->click('.shelf-kitrow h2 a', 'Halt Signal');
        $this->find('.parts-parts-table');
        $this->press('8');
        $this->text('.faults-alarms', 'K1 faulty in 5 V, relay, 26-118');
        $this->click('.faults-alarms button', 'Stop this lot');
        $this->text('.lots-stop', '24 pieces on the shelf will be on hold');
        $this->text('.lots-stop textarea', 'in your kit {kits} the part K1');
        $this->assertAccessible('A lot to stop');
        $this->click('[role="dialog"] button', 'Stop this lot');
        $this->text('.lots-stop', 'kits were held');
        $this->text('.lots-stop', '24 pieces on the shelf are on hold');
        $this->text('[role="dialog"] button', 'letters');
        $this->click('.lots-stop button', 'Take all of it back');
        $this->text('.lots-stop', 'Taken back');
        $this->assertAccessible('A lot let go');
    }
}
