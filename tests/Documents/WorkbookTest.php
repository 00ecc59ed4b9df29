<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Table\CsvReader;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use ChiralexAdapters\Workbook;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx as Reference;
use PhpOffice\PhpSpreadsheet\RichText\RichText;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\TestCase;
use ZipArchive;

/** Workbooks are read as a stream; PhpSpreadsheet, which writes them here, is the reference for what they say. */
final class WorkbookTest extends TestCase
{
    public function test_every_kind_of_cell_reads_as_the_reference_reads_it(): void
    {
        $book = new Spreadsheet();
        $sheet = $book->getActiveSheet();
        $sheet->fromArray([
            ['Ref', 'Value', 'n'],
            ['R1,R2', "4.7\u{2009}k\u{03A9}", 0.1],
            ['C1', 'two' . "\n" . 'lines', 1234567],
            [null, null, null],
            ['D1', '<&"\'', -2.5e-7],
        ]);
        $sheet->setCellValueExplicit('A6', '007', DataType::TYPE_STRING);
        $sheet->setCellValue('B6', true);
        $sheet->setCellValue('C6', '=1+2');
        $rich = new RichText();
        $rich->createText('10');
        $rich->createTextRun('k')->getFontOrThrow()->setBold(true);
        $sheet->setCellValue('A8', $rich);
        $bytes = self::saved($book);

        $read = array_map(
            static fn($row): array => [$row->number, array_pad($row->cells, 3, '')],
            (new CsvReader())->read(array_values((new Workbook())->sheets('list.xlsx', $bytes))[0], 'list.xlsx')->rows,
        );
        $expected = [];
        foreach (self::reference($bytes) as $index => $row) {
            $cells = array_map(
                static fn(mixed $cell): string => is_bool($cell)
                    ? ($cell
                        ? 'TRUE'
                        : 'FALSE')
                    : (is_scalar($cell)
                        ? trim((string) $cell)
                        : ''),
                $row,
            );
            if ($index > 0 && implode('', $cells) !== '') {
                $expected[] = [$index + 1, $cells];
            }
        }
        self::assertSame($expected, $read);
    }

    public function test_every_sheet_that_is_not_hidden_is_read_by_its_name_and_what_they_are_is_told_apart(): void
    {
        $book = new Spreadsheet();
        $book
            ->getActiveSheet()
            ->setTitle('Places')
            ->fromArray([['Ref', 'X', 'Y', 'Rotation', 'Side'], ['R1', 1, 2, 90, 'top']]);
        $book
            ->createSheet()
            ->setTitle('Parts')
            ->fromArray([['Ref', 'Value', 'Package'], ['R1', '1k', 'Axial 1/4W']]);
        $book->createSheet()->setTitle('Old')->setSheetState('hidden')->setCellValue('A1', 'Ref');
        $bytes = self::saved($book);

        self::assertSame(['Places', 'Parts'], array_keys((new Workbook())->sheets('kit.xlsx', $bytes)));
        self::assertSame(
            [
                'bom.csv' => "Ref,Value,Package\nR1,1k,Axial 1/4W\n",
                'placements.csv' => "Ref,X,Y,Rotation,Side\nR1,1,2,90,top\n",
            ],
            (new KitFiles())->fromBytes('kit.xlsx', $bytes),
        );
        $book
            ->createSheet()
            ->setTitle('Other parts')
            ->fromArray([['Ref', 'Value', 'Package'], ['R2', '2k', 'Axial 1/4W']]);
        try {
            (new KitFiles())->fromBytes('kit.xlsx', self::saved($book));
            self::fail('two lists');
        } catch (UnusableFile $refusal) {
            self::assertSame(['kit.xlsx: Parts', 'kit.xlsx: Other parts'], $refusal->lists);
        }
        self::assertStringContainsString(
            'R2,2k',
            (new KitFiles('kit.xlsx: Other parts'))->fromBytes('kit.xlsx', self::saved($book))['bom.csv'],
        );
    }

    public function test_the_first_sheet_that_is_not_hidden_is_read(): void
    {
        $book = new Spreadsheet();
        $book->getActiveSheet()->setSheetState('hidden')->setCellValue('A1', 'lists');
        $book->createSheet()->setCellValue('A1', 'Ref');
        $book->setActiveSheetIndex(1);

        self::assertSame("Ref\n", array_values((new Workbook())->sheets('list.xlsx', self::saved($book)))[0]);
    }

    public function test_a_cell_far_away_is_named_and_costs_nothing(): void
    {
        $book = new Spreadsheet();
        $book->getActiveSheet()->setCellValue('A1', 'Ref')->setCellValue('XFD1048576', 'x');
        $this->refused('row 1,048,576, column 16,384', self::saved($book));
    }

    public function test_two_hundred_columns_and_five_thousand_rows_are_read_and_one_more_is_refused(): void
    {
        self::assertStringEndsWith(
            ",x\n",
            array_values((new Workbook())->sheets('list.xlsx', self::with('GR1', 'x')))[0],
        );
        $this->refused('column 201', self::with('GS1', 'x'));
        self::assertSame(
            5001,
            substr_count(array_values((new Workbook())->sheets('list.xlsx', self::rows(5001)))[0], "\n"),
        );
        $this->refused('more than 5,000 rows', self::rows(5002));
    }

    public function test_a_part_that_unpacks_without_end_is_refused(): void
    {
        $sheet =
            '<worksheet><sheetData><row r="1"><c t="inlineStr"><is><t>' .
            str_repeat('x', Workbook::XML_LIMIT) .
            '</t></is></c></row></sheetData></worksheet>';
        $this->refused('24 MB unpacked', self::archive($sheet));
    }

    public function test_entities_are_refused(): void
    {
        $this->refused(
            'no readable workbook',
            self::archive(
                '<!DOCTYPE x [<!ENTITY a "aaaa">]><worksheet><sheetData><row><c t="inlineStr"><is><t>&a;</t></is></c></row></sheetData></worksheet>',
            ),
        );
    }

    /** The many are in bin/fuzz. */
    public function test_a_damaged_workbook_is_read_or_refused_by_name(): void
    {
        $book = new Spreadsheet();
        $book
            ->getActiveSheet()
            ->fromArray(array_map(static fn(int $i): array => ["R{$i}", "{$i}k", 'Axial 1/4W'], range(1, 40)));
        $whole = self::saved($book);
        mt_srand(4);
        $refused = 0;
        for ($i = 0; $i < 120; ++$i) {
            $bytes = $i % 4 === 0 ? substr($whole, 0, mt_rand(0, strlen($whole))) : $whole;
            for ($hits = mt_rand(1, 40); $hits > 0 && $bytes !== ''; --$hits) {
                $bytes[mt_rand(0, strlen($bytes) - 1)] = chr(mt_rand(0, 255));
            }
            try {
                array_values((new Workbook())->sheets('list.xlsx', $bytes))[0];
            } catch (UnusableFile $why) {
                self::assertStringContainsString('list.xlsx', $why->getMessage());
                ++$refused;
            }
        }
        self::assertGreaterThan(30, $refused);
    }

    private function refused(string $says, string $bytes): void
    {
        try {
            array_values((new Workbook())->sheets('list.xlsx', $bytes))[0];
            self::fail("read; expected a refusal: {$says}");
        } catch (UnusableFile $why) {
            self::assertStringContainsString($says, $why->getMessage());
        }
    }

    private static function with(string $cell, string $value): string
    {
        $book = new Spreadsheet();
        $book->getActiveSheet()->setCellValue('A1', 'Ref')->setCellValue($cell, $value);

        return self::saved($book);
    }

    private static function rows(int $count): string
    {
        $rows = implode(
            '',
            array_map(
                static fn(
                    int $i,
                ): string => "<row r=\"{$i}\"><c r=\"A{$i}\" t=\"inlineStr\"><is><t>R{$i}</t></is></c></row>",
                range(1, $count),
            ),
        );

        return self::archive("<worksheet><sheetData>{$rows}</sheetData></worksheet>");
    }

    private static function archive(string $sheet): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString(
            'xl/workbook.xml',
            '<workbook xmlns:r="rel"><sheets><sheet name="a" r:id="rId1"/></sheets></workbook>',
        );
        $zip->addFromString(
            'xl/_rels/workbook.xml.rels',
            '<Relationships><Relationship Id="rId1" Target="worksheets/sheet1.xml"/></Relationships>',
        );
        $zip->addFromString('xl/worksheets/sheet1.xml', $sheet);
        $zip->close();

        return self::taken($path);
    }

    private static function saved(Spreadsheet $book): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        (new Xlsx($book))->save($path);

        return self::taken($path);
    }

    private static function taken(string $path): string
    {
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** @return list<list<mixed>> */
    private static function reference(string $bytes): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        file_put_contents($path, $bytes);
        $reader = new Reference();
        $reader->setReadDataOnly(true);
        $sheet = $reader->load($path)->getSheet(0);
        unlink($path);

        return array_map(
            array_values(...),
            array_values($sheet->rangeToArray('A1:C' . $sheet->getHighestDataRow(), '', true, false)),
        );
    }
}
