<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Kit\Edit\EditKind;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Manual\OldNote;
use Chiralex\Manual\OldNotes;
use Chiralex\Reason\Matter;
use Chiralex\Review\Reviewer;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use ZipArchive;

/** The text of a manual that was there before, from three formats; the kit is invented. */
final class OldManualTest extends TestCase
{
    private const BOM =
        "Ref,Value,Package,Description\nR1,1k,Axial 1/4W,resistor\nR2,1k,Axial 1/4W,resistor\nD1,1N4148,DO-35,diode\n" .
        "C1,100u,6.3x11,electrolytic\nTP1,,1x1,test point\nTP2,,1x1,test point\n";
    private const TEXT = [
        ['h', 'Building it'],
        ['p', 'Fit R1 and R2 first, then D1.'],
        ['p', 'Solder C1 with its stripe to the edge.'],
        ['p', 'Measure between TP1 and TP2: the meter reads 4.8 to 5.2 volts.'],
        ['p', 'Thank you for building this kit.'],
        ['p', 'R7 is not used.'],
    ];

    /** @return iterable<string, array{string, string}> file, bytes */
    public static function formats(): iterable
    {
        $odt = $docx = $md = '';
        foreach (self::TEXT as [$what, $text]) {
            $odt .= $what === 'h' ? "<text:h text:outline-level=\"1\">{$text}</text:h>" : "<text:p>{$text}</text:p>";
            $docx .=
                '<w:p>' .
                ($what === 'h' ? '<w:pPr><w:pStyle w:val="Heading1"/></w:pPr>' : '') .
                "<w:r><w:t>{$text}</w:t></w:r></w:p>";
            $md .= ($what === 'h' ? '# ' : '') . "{$text}\n\n";
        }
        yield 'ODT' => ['Old.odt', self::zip('content.xml', self::odt($odt))];
        yield 'DOCX' => [
            'old.docx',
            self::zip(
                'word/document.xml',
                "<w:document xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\"><w:body>{$docx}</w:body></w:document>",
            ),
        ];
        yield 'Markdown' => ['old.md', $md];
        yield 'Markdown with a list' => [
            'old.md',
            "# Building it\n" .
            implode('', array_map(static fn(array $each): string => "- {$each[1]}\n", array_slice(self::TEXT, 1))),
        ];
    }

    #[DataProvider('formats')]
    public function test_every_paragraph_finds_its_step_its_reading_or_the_tray(string $name, string $bytes): void
    {
        $kit = self::kit($name, $bytes);
        $order = (new Planner())->plan($kit);
        self::assertInstanceOf(BuildOrder::class, $order);
        $steps = array_map(static fn(int $index): int => $order->steps[$index]->number, $order->stepOf());

        self::assertSame(
            [
                ['Building it', [], null, ''],
                ['Fit R1 and R2 first, then D1.', ['R1', 'R2', 'D1'], $steps['R1'], ''],
                ['Solder C1 with its stripe to the edge.', ['C1'], $steps['C1'], ''],
                [self::TEXT[3][1], ['TP1', 'TP2'], $steps['TP1'], '4.8 to 5.2 V'],
                ['Thank you for building this kit.', [], null, ''],
                ['R7 is not used.', [], null, ''],
            ],
            array_map(
                static fn(OldNote $note): array => [
                    $note->paragraph->text,
                    $note->designators,
                    $note->step,
                    $note->expect,
                ],
                OldNotes::of($kit, $order),
            ),
        );
        self::assertSame(['TP1', 'TP2'], OldNotes::of($kit, $order)[3]->points);
        self::assertTrue(OldNotes::of($kit, $order)[0]->paragraph->isHeading);
    }

    public function test_what_contradicts_the_list_or_the_order_is_a_matter_until_the_paragraph_is_done_with(): void
    {
        $kit = self::kit('old.md', "Solder C1.\n\nThen fit R1.\n\nThere are 3 resistors and R7.\n");
        $codes = static fn(Kit $kit): array => array_values(
            array_filter(
                array_map(
                    static fn(Matter $each): string => $each->code,
                    (new Reviewer())->matters($kit, (new Planner())->plan($kit)),
                ),
                static fn(string $code): bool => str_contains($code, '.old-') ||
                    str_contains($code, '.prose-') ||
                    str_contains($code, 'count'),
            ),
        );
        $told = $codes($kit);
        self::assertContains('manual.old-order', $told);
        self::assertContains('manual.old-stranger', $told);

        $folder = new Folder([
            'bom.csv' => self::BOM,
            'old.md' => "Solder C1.\n\nThen fit R1.\n\nThere are 3 resistors and R7.\n",
        ]);
        foreach ($kit->logs->oldTexts as $paragraph) {
            $folder = EditKind::OldText->read($paragraph->id, '', true)->on($folder)->folder;
        }
        self::assertSame([], $codes((new KitReader())->read($folder->files)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function readings(): iterable
    {
        yield 'a range' => ['Measure 4,8 bis 5,2 V.', '4.8 to 5.2 V'];
        yield 'a range with a dash' => ['The meter shows 10-12 mA here.', '10 to 12 mA'];
        yield 'a limit' => ['Check that it reads more than 80 ohms.', '> 80 ohm'];
        yield 'a lower limit' => ['You should measure less than 1 V.', '< 1 V'];
        yield 'a value' => ['The voltmeter reads 9 V. Multimeter on DC.', 'about 9 V'];
        yield 'a rating is no reading' => ['Use a 9 V battery.', ''];
        yield 'a length is no reading' => ['Measure 12 mm of wire.', ''];
    }

    #[DataProvider('readings')]
    public function test_a_reading_is_known_by_its_words_and_its_unit(string $text, string $expect): void
    {
        self::assertSame($expect, OldNotes::of(self::kit('old.md', $text), null)[0]->expect);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function faults(): iterable
    {
        yield 'a scan' => [
            'a.odt',
            self::zip('content.xml', self::odt('<text:p><draw:frame/></text:p>')),
            'no text; a scan',
        ];
        yield 'no document' => ['a.docx', self::zip('other.xml', '<a/>'), 'no text document'];
        yield 'damaged' => ['a.odt', 'PK nothing', 'damaged'];
        yield 'entities' => ['a.odt', self::zip('content.xml', '<!DOCTYPE a [<!ENTITY b "c">]><a>&b;</a>'), 'entities'];
    }

    #[DataProvider('faults')]
    public function test_a_file_without_words_is_refused_with_what_to_do(string $name, string $bytes, string $why): void
    {
        $this->expectException(UnusableFile::class);
        $this->expectExceptionMessage($why);

        (new KitFiles())->fromBytes($name, $bytes);
    }

    private static function kit(string $name, string $bytes): Kit
    {
        return (new KitReader())->read(['bom.csv' => self::BOM] + (new KitFiles())->fromBytes($name, $bytes));
    }

    private static function odt(string $body): string
    {
        return '<office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" ' .
            'xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" ' .
            'xmlns:draw="urn:oasis:names:tc:opendocument:xmlns:drawing:1.0">' .
            "<office:body><office:text>{$body}</office:text></office:body></office:document-content>";
    }

    private static function zip(string $name, string $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString($name, $bytes);
        $zip->close();
        $packed = (string) file_get_contents($path);
        unlink($path);

        return $packed;
    }
}
