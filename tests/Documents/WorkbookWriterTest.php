<?php

declare(strict_types=1);

namespace Tests\Documents;

use ChiralexAdapters\Workbook;
use ChiralexAdapters\WorkbookWriter;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use PHPUnit\Framework\TestCase;

final class WorkbookWriterTest extends TestCase
{
    private const ROWS = [
        ['Ref', 'Value', 'mm'],
        ['R1', "4.7\u{2009}k\u{03A9}", '2.5'],
        ['=cmd|x', '@sum', '-1'],
        ['007', '+49 1', '1e5'],
        ['', '12', ''],
    ];

    public function test_a_table_written_is_the_table_read_again(): void
    {
        $csv = array_values(
            (new Workbook())->sheets('table.xlsx', (new WorkbookWriter())->write('Frost Bell / parts [B]', self::ROWS)),
        )[0];
        self::assertSame("Ref,Value,mm\nR1,4.7\u{2009}k\u{03A9},2.5\n\"=cmd|x\",@sum,-1\n007,+49 1,1e5\n,12,\n", $csv);
    }

    public function test_what_looks_like_a_formula_is_text_and_numbers_are_numbers(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        file_put_contents($path, (new WorkbookWriter())->write('parts', self::ROWS));
        $sheet = (new Xlsx())->load($path)->getSheet(0);
        unlink($path);
        self::assertSame(
            [DataType::TYPE_STRING, DataType::TYPE_STRING, DataType::TYPE_NUMERIC],
            [
                $sheet->getCell('A3')->getDataType(),
                $sheet->getCell('B3')->getDataType(),
                $sheet->getCell('C3')->getDataType(),
            ],
        );
        self::assertSame(
            [DataType::TYPE_STRING, DataType::TYPE_STRING],
            [$sheet->getCell('A4')->getDataType(), $sheet->getCell('C1')->getDataType()],
        );
        self::assertSame('A2', $sheet->getFreezePane());
    }
}
