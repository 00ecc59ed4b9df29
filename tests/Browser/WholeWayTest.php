<?php

declare(strict_types=1);

namespace Tests\Browser;

use Closure;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;

/**
 * The whole way of a maker who has files of another program and no kit file: dropped, said in the rooms, released, printed, packed,
 * reported. Each task counts its presses and its time, which stand in var/whole-way.txt afterwards.
 */
final class WholeWayTest extends BrowserCase
{
    private float $began = 0.0;
    private int $presses = 0;

    public function test_from_files_to_a_report_without_a_text_editor(): void
    {
        file_put_contents(dirname(__DIR__, 2) . '/var/whole-way.txt', '');
        $this->signIn();
        $this->task(function (): void {
            $this->drop(
                '.shelf-shelf',
                (new ForeignExport(dirname(__DIR__, 2) . '/database/demo/frost-bell'))->files(),
            );
            ++$this->presses;
            $this->find('.KitStrip-strip b');
            $this->text('.ui-bar b', ' parts');
        }, 'drop the files');
        $this->names();
        $this->paints();
        $this->bench();
        $this->settles();
        $this->releases();
        $this->packsAndHears();
        self::assertStringContainsString(
            'release',
            (string) file_get_contents(dirname(__DIR__, 2) . '/var/whole-way.txt'),
        );
    }

    private function names(): void
    {
        $this->task(function (): void {
            $this->push('.KitStrip-name a', 'facts');
            $this->write('[aria-label="name, Name 1"]', 'Frost Bell Abroad', false);
            $this->push('.facts-acts button', 'Save name');
            $this->text('.KitStrip-name b', 'Frost Bell Abroad');
        }, 'name');
        $this->task(function (): void {
            $this->text('.facts-offer', 'FBA');
            $this->push('.facts-offer button', 'Take it');
            $this->push('.facts-acts button', 'Save code');
            $this->gone('.facts-acts');
        }, 'code, as it is offered');
        $this->task(function (): void {
            $this->find('[aria-label="volts, Supply 1"]')->sendKeys('8 to 9.6');
            $this->find('[aria-label="amps at most, Supply 1"]')->sendKeys('0.05');
            $this->push('.facts-acts button', 'Save supply');
            $this->gone('.facts-acts');
        }, 'supply');
    }

    private function paints(): void
    {
        $this->push('.MuiTabs-root button', 'Order');
        $this->task(function (): void {
            $this->find('[aria-label="block, Blocks 1"]')->sendKeys('supply');
            $this->find('[aria-label="its parts, Blocks 1"]')->click();
            $this->stroke('J1', 'D1', 'ZD1');
            $this->push('.facts-acts button', 'Save blocks');
            $this->gone('.facts-acts');
            $this->text('.MuiChip-label', 'ZD1');
        }, 'paint a block');
        $this->task(function (): void {
            $this->find('[aria-label="cover, Covers 1"]')->sendKeys("BOX1\t");
            $this->find('[aria-label="over, Covers 1"]')->click();
            $this->find('.board [data-ref="RV1"]')->click();
            ++$this->presses;
            $this->push('.facts-acts button', 'Save covers');
            $this->gone('.facts-acts');
        }, 'a cover over RV1');
        $this->task(function (): void {
            $this->find('[aria-label="panel, Panels 1"]')->sendKeys("BOX2\t");
            $this->find('[aria-label="stand in it, Panels 1"]')->click();
            $this->find('.board [data-ref="J1"]')->click();
            ++$this->presses;
            $this->push('.facts-acts button', 'Save panels');
            $this->gone('.facts-acts');
        }, 'a panel with J1 in it');
        $this->push('.MuiTabs-root button', 'Wires');
        $this->task(function (): void {
            foreach (
                [['W1', 'J2.1', 'RT1.1', 'red'], ['W2', 'J2.2', 'RT1.2', 'black']] as $index => [$name, $from, $to, $colour]
            ) {
                $row = (string) ($index + 1);
                $this->find("[aria-label='name, Wires {$row}']")->sendKeys($name);
                $this->find("[aria-label='from, Wires {$row}']")->sendKeys("{$from}\t");
                $this->find("[aria-label='to, Wires {$row}']")->sendKeys("{$to}\t");
                $this->find("[aria-label='mm, Wires {$row}']")->sendKeys('300');
                $this->find("[aria-label='colour, Wires {$row}']")->sendKeys($colour);
            }
            $this->push('.facts-acts button', 'Save wires');
            $this->gone('.facts-acts');
        }, 'two wires');
    }

    private function bench(): void
    {
        $this->push('.MuiTabs-root button', 'Gates and volts');
        $this->task(function (): void {
            $this->find("[aria-label='name, Gates 1']")->sendKeys('supply');
            $this->find("[aria-label='needs, Gates 1']")->click();
            $this->stroke('J1', 'D1', 'ZD1');
            $this->find("[aria-label='before it never, Gates 1']")->sendKeys("U1\n\t");
            $this->find("[aria-label='expects, Gates 1']")->sendKeys('4.8 to 5.4 V');
            $this->push('.facts-acts button', 'Save gates');
            $this->gone('.facts-acts');
        }, 'a gate');
        $this->press('6');
        $this->task(function (): void {
            $this->push('.bench-tests button, .ui-bar button', 'Add a test');
            $this->find('#test-expect')->sendKeys('zener(ZD1)');
            $this->find('#test-name')->sendKeys('rail');
            $this->find('#test-points')->sendKeys('TP1, TP2');
            $this->find('#test-gate')->sendKeys('supply');
            $this->push('.bench-testform button', 'Save the test');
            $this->text('.bench-tests', 'rail');
        }, 'a test');
    }

    private function settles(): void
    {
        $this->press('7');
        $this->task(function (): void {
            $this->push('.MuiTabs-root button', 'Safety');
            $this->push('.manual-safety button', 'No to the rest');
            $this->push('.MuiDialogActions-root button', 'Nothing of it');
            $this->text('.manual-safety h2', '■ answered');
        }, 'questions of safety');
    }

    private function releases(): void
    {
        $this->press('7');
        $this->task(function (): void {
            $this->push('.manual-release button', 'Release revision A');
            $this->push('.MuiDialogActions-root button', 'Freeze and release');
            $this->text('.manual-release h2', 'Released on');
        }, 'release');
        $this->task(function (): void {
            $this->push('.MuiTabs-root button', 'Prints and files');
            $this->push('button[aria-label="Make PDF: The manual"]', 'Make PDF');
            $link = (string) $this->text('.manual-takeaway a[data-on]', 'manual.pdf')->getAttribute('href');
            self::assertStringStartsWith('%PDF-', $this->fetched($link));
        }, 'the manual as PDF');
    }

    private function packsAndHears(): void
    {
        $this->open('/packing');
        $this->task(function (): void {
            $this->find('#run-release')->sendKeys('Frost Bell Abroad');
            $this->write('#run-packs', '1');
            $this->text('.packing-bench header b', 'Frost Bell Abroad, 1 kit');
            $bench = static fn(): string => (string) self::driver()->executeScript('return document.body.innerText');
            for ($line = 0; $line < 60 && !str_contains($bench(), 'kit packed'); ++$line) {
                $before = $bench();
                $this->press(' ');
                ++$this->presses;
                self::driver()->wait(90, 50)->until(static fn(): bool => $bench() !== $before);
            }
            $this->text('.packing-rundone h1', '1 kit');
        }, 'pack one kit');
        $this->open('/reports');
        $this->task(function (): void {
            $this->push('button', 'Type one in');
            $this->find('#typed-serial')->sendKeys('FBA-A-00001');
            $this->push('.MuiDialogContent-root button', 'FBA-A-00001-');
            $this->find('#typed-text')->sendKeys('The bell stays silent when it freezes.');
            $this->push('.MuiDialogActions-root button', 'Put it with the others');
            $this->text('main', 'The bell stays silent when it freezes.');
        }, 'a report by telephone');
    }

    /** A stroke of the pointer over parts of the board. */
    private function stroke(string ...$parts): void
    {
        $pointer = new WebDriverActions(self::driver());
        foreach ($parts as $index => $part) {
            $element = self::driver()->findElement(WebDriverBy::cssSelector(".board [data-ref='{$part}']"));
            $pointer->moveToElement($element);
            if ($index === 0) {
                $pointer->clickAndHold();
            }
        }
        $pointer->release()->perform();
        ++$this->presses;
    }

    private function push(string $css, string $text): void
    {
        $this->click($css, $text);
        ++$this->presses;
    }

    private function task(Closure $do, string $name): void
    {
        $this->presses = 0;
        $began = hrtime(true);
        $do();
        file_put_contents(
            dirname(__DIR__, 2) . '/var/whole-way.txt',
            sprintf("%-40s %2d presses %5.1f s\n", $name, $this->presses, (hrtime(true) - $began) / 1e9),
            FILE_APPEND,
        );
    }
}
