<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The Manual station: safety, settings, words of the maker's own, prints and files; and the clock of a cure on the builder's page. */
final class ManualRoomTest extends BrowserCase
{
    private const KIT = [
        'kit.json' =>
            '{"format": 1, "name": "Coil board", "lines": {"~6": {"kind": "consumable"}}, "groups": {"block": {"input": ["R1", "C1"]}, "cures": [{"name": "varnish", "of": ["L1"], "when": "before-fitting", "hours": 2, "blocks": ["L1"]}]}, "drilling": [{"by": "BOX1", "face": "lid", "size": [100, 60], "holes": [{"for": "cable", "at": [10, 5], "diameter": 6}]}]}',
        'bom.csv' =>
            "Ref,Value,Package,Description\nR1,10k,Axial 1/4W,resistor\nC1,470u 400V,radial 18x30,electrolytic\nL1,10u,axial,inductor\nBOX1,case,,enclosure\n,varnish,,varnish for the coil\n",
    ];

    public function test_questions_of_safety_are_answered_and_what_the_parts_show_needs_a_reason(): void
    {
        $this->opened();
        $this->click('.MuiTabs-root button', 'Safety');
        $this->text('.manual-hazards li.manual-applies', 'Does a capacitor stay full');
        $this->text('.manual-safety .ui-table', 'C1');
        $this->text('.manual-safety .manual-harm', 'yes');
        $this->assertAccessible('Manual, safety');
        $this->click('.manual-hazards li:nth-child(9) button', 'Yes');
        $this->text('.manual-hazards li:nth-child(9) .manual-state', 'caution printed');
        $this->text('.manual-safety .manual-caution', 'Bright or invisible light');
        $this->click('.manual-hazards li:nth-child(8) button', 'No');
        $this->text('.manual-hazards li:nth-child(8) .manual-state', '■ no');
        // Varnish shows glue: a no asks why.
        $this->click('.manual-hazards li:nth-child(12) button', 'No');
        $this->write('.manual-whyno input', 'it comes varnished', true);
        $this->text('.manual-hazards li:nth-child(12)', 'You say no: it comes varnished');
        $this->click('.MuiTabs-root button', 'Settings');
        $this->click('.manual-settings button', 'Deutsch');
        $this->click('.manual-settings button', 'in both');
        $this->assertAccessible('Manual, settings');
        $this->click('.MuiTabs-root button', 'Pages');
        $this->text('.manual-pages', "Lötdraht 0,8\u{2009}mm (0,031\u{2009}in)");
    }

    public function test_a_block_is_added_with_its_parts_and_takes_words(): void
    {
        $this->opened();
        $this->click('.manual-pages button', 'Add a block');
        $this->write('#block-title', 'output', false);
        $this->write('#block-parts', 'L1', false);
        $this->click('.manual-blockform button', 'Save the block');
        $this->text('.manual-owntext h3', 'output');
        $this->text('.manual-owntext .ink-quiet', 'Parts: L1');
        $this->assertAccessible('Manual, blocks');
    }

    public function test_words_of_the_makers_own_stand_in_the_manual_and_a_sentence_changes_everywhere(): void
    {
        $this->opened();
        $this->click('.manual-pages .manual-owntext button', 'Write an introduction');
        $this->write('.OwnWords-ownwords textarea', 'Wind it **slowly**.', false);
        $this->click('.OwnWords-ownwords button', 'Save');
        $this->text('.manual-owntext strong', 'slowly');
        $this->click('.manual-owntext button', 'Write how it works');
        $this->write('.OwnWords-ownwords textarea', 'R1 fills C1.', false);
        $this->click('.OwnWords-ownwords button', 'Save');
        $this->text('.manual-owntext', 'R1 fills C1.');
        $this->click('.manual-sentence button', 'edit this sentence');
        $this->write('.OwnWords-ownwords textarea', 'Look at both sides, twice.', false);
        $this->click('.OwnWords-ownwords button', 'Save');
        $this->text('.manual-sentence p', 'Look at both sides, twice.');
        $this->text('.manual-sentence', 'back to the usual words');
        $this->assertAccessible('Manual, own words');
    }

    public function test_a_sorting_mat_is_made_while_files_are_there_to_take(): void
    {
        $this->opened();
        $this->click('.MuiTabs-root button', 'Prints and files');
        $this->text('.manual-takeaway', 'datapackage.json');
        $this->assertAccessible('Manual, prints and files');
        $this->click('button[aria-label="Make PDF: Sorting mat, 1:1"]', 'Make PDF');
        $this->text('.manual-takeaway a[data-on]', 'sorting mat.pdf');
        $this->click('button[aria-label="Make PDF: Drilling template, 1:1"]', 'Make PDF');
        $this->text('.manual-takeaway a[data-on]', 'drilling template.pdf');
    }

    public function test_a_cure_has_a_clock_that_goes_on_at_other_steps_and_after_opening_the_page_again(): void
    {
        // Nothing in it can hurt, so that no open question of safety blocks the release.
        $this->opened(['bom.csv' => str_replace('470u 400V', '470u 16V', self::KIT['bom.csv'])] + self::KIT);
        $this->click('.manual-release button', 'Release revision');
        $this->click('.MuiDialogActions-root button', 'Freeze and release');
        $address = (string) $this->ready('.manual-release a', 'builder')->getAttribute('href');
        $this->onPhone(function () use ($address): void {
            $this->startsTheClock($address);
        });
    }

    private function startsTheClock(string $address): void
    {
        self::driver()->get((string) getenv('BROWSER_URL') . (string) parse_url($address, PHP_URL_PATH));
        $this->click('.builder-actions button', 'Begin with step 1');
        $this->text('.builder-test', 'It cures for 2 h 0 min.');
        $this->click('.builder-test button', 'Start the clock');
        $this->text('.builder-test [role="timer"]', '2 h 0 min left');
        $this->assertAccessible("The builder's page, a clock");
        $this->click('.builder-actions button', 'Done, next step');
        $this->text('.builder-clock', '2 h 0 min left');
        self::driver()->navigate()->refresh();
        $this->text('.builder-clock', 'varnish');
        $this->click('.builder-kitname', 'Coil board');
        $this->ready('.builder-builder .builder-link', 'Print all steps');
        self::driver()->executeScript(
            "[...document.querySelectorAll('.builder-builder main .builder-link')].find((it) => it.textContent === 'Print all steps').click()",
        );
        $this->text('.builder-builder .builder-all', '2. ');
        $this->assertAccessible("The builder's page, all steps");
    }

    /** @param array<string, string> $files */
    private function opened(array $files = self::KIT): void
    {
        $this->signIn();
        $this->drop('.shelf-shelf', $files);
        $this->find('.parts-parts-table');
        $this->press('7');
        $this->text('.manual-pages h1', 'Coil board');
    }
}
