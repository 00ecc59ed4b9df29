<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The packing bench by the simulated scale, which drifts all the time and is played badly. */
final class ScaleRunTest extends PackingBrowserCase
{
    public function test_pieces_that_leave_the_bin_for_four_kits_are_the_key_of_four_kits(): void
    {
        $this->signIn('packer@saltmarsh.example');
        $this->deed('bin', 120.0);
        $this->begin(20);
        $this->click('.scale-play button', 'simulated scale');
        $this->shows(120.0);
        $this->click('.scale-playing button', 'lay the check mass on');
        $this->shows(170.0);
        // A scale that swings is asked again; a packer waits until it stands.
        usleep(1_500_000);
        $this->click('.scale-settle', 'check the scale');
        $this->gone('.scale-scale [role="alert"]');
        $this->click('.scale-playing button', 'take it off');
        $this->text('.scale-scale', 'in one go');
        $this->click('.scale-playing button', 'take for 4');
        $this->text('.scale-scale', 'Deal into kits 1 to 4');
        $this->done(4);
        $this->click('.scale-playing button', 'one too few');
        $this->text('.scale-warn', '1 too few for 4');
        $this->click('.scale-playing button', 'switch off');
        $this->text('.scale-warn', 'The scale is silent');
        $this->assertAccessible('Packing by the scale');
        $this->click('.scale-playing button', 'switch on');
        $this->text('.scale-warn', '1 too few for 4');
        $this->done(4);
    }

    public function test_a_line_of_twenty_kits_is_packed_by_the_scale_alone_with_a_wrong_part_and_a_lift(): void
    {
        $this->signIn('packer@saltmarsh.example');
        $this->deed('bin', 120.0);
        $this->begin(20);
        $this->shows(120.0);
        $this->checked();
        $each = $this->kitGrams();
        $this->deed('take', 5 * $each);
        $this->done(5);
        // A part of another mass comes out of the bin: nothing is booked until it is back.
        $this->deed('take', 2.4 * $each);
        $this->text('.scale-warn', 'too');
        $this->deed('put', 2.4 * $each);
        $this->text('.scale-scale', 'Deal into kits 1 to 5');
        $this->done(5);
        // The bin is lifted off and stood back: the check mass comes before the next pieces.
        $this->deed('bin', 0.0);
        $this->text('.scale-warn', 'The bin was lifted off');
        $this->deed('bin', 120.0 - 5 * $each);
        $this->text('.scale-warn', 'check the scale');
        $this->deed('take', 3 * $each);
        $this->done(5);
        $this->checked();
        $this->done(8);
        $this->deed('static', 0.02);
        $this->text('.scale-warn', 'It creeps by itself');
        $this->deed('static', 0.0);
        sleep(5);
        $this->deed('take', 8 * $each);
        $this->done(16);
        $this->deed('take', 4 * $each);
        $this->done(20);
        $this->text('header', 'part 2 of');
    }

    public function test_bag_by_bag_what_the_bag_in_the_cup_gains_is_the_key(): void
    {
        $this->signIn('packer@saltmarsh.example');
        $this->deed('bin', 0.0);
        $this->begin(2, 'bag');
        $this->text('.scale-scale', 'The cup is empty');
        $this->checked();
        $this->deed('bin', 1.4);
        $this->text('.scale-scale', 'into the bag');
        $each = $this->kitGrams();
        $this->deed('put', $each / 3);
        $this->text('.scale-warn', '1 piece in: 2 more.');
        $this->deed('put', (2 * $each) / 3);
        $this->done(1);
        $this->text('header', 'part 2 of');
        $this->text('.pockets-now b', '1');
        $this->deed('put', $this->kitGrams());
        $this->done(2);
    }

    /** Waits until the scale shows about so many grams. */
    private function shows(float $grams): void
    {
        self::driver()
            ->wait(30, 100)
            ->until(
                static fn($driver): bool => abs(
                    (float) $driver->executeScript(
                        'return Number(document.querySelector(".scale-grams b")?.textContent ?? 0)',
                    ) - $grams,
                ) < 0.3,
                "the scale does not show {$grams} g",
            );
        $this->addToAssertionCount(1);
    }

    /** Lays the check mass on, has it checked, takes it off. */
    private function checked(): void
    {
        $this->deed('put', 50.0);
        $this->click('.scale-settle', 'check the scale');
        usleep(600_000);
        $this->deed('take', 50.0);
    }

    /** What the pieces of a kit weigh, from the needle: `1 kit: 0.61 to 0.68 g`. */
    private function kitGrams(): float
    {
        $said = (string) $this->find('.scale-needle')->getAttribute('aria-label');
        self::assertSame(1, preg_match('~([\d.]+) to ([\d.]+) g~', $said, $window), $said);

        return ((float) $window[1] + (float) $window[2]) / 2.0;
    }
}
