<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Exception as SpreadsheetException;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;

/** Writes a table as an XLSX workbook; what looks like a formula stays text. */
final readonly class WorkbookWriter
{
    private const NUMBER = '~^-?\d{1,15}(\.\d{1,12})?$~';

    /**
     * @param list<list<string>> $rows the head first
     * @return string the bytes of the workbook
     * @throws UnusableFile when it cannot be written
     */
    public function write(string $title, array $rows): string
    {
        $book = new Spreadsheet();
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        try {
            $sheet = $book->getActiveSheet();
            // A sheet's name is short and holds no brackets, colons, slashes, stars or question marks.
            $sheet->setTitle(
                mb_substr(trim((string) preg_replace('~[\[\]:*?/\\\\]+~', ' ', $title)), 0, 31) ?: 'table',
            );
            foreach ($rows as $r => $cells) {
                foreach ($cells as $c => $cell) {
                    $at = Coordinate::stringFromColumnIndex($c + 1) . ($r + 1);
                    $number = $r > 0 && preg_match(self::NUMBER, $cell) === 1 && preg_match('~^-?0\d~', $cell) !== 1;
                    $sheet->setCellValueExplicit(
                        $at,
                        $number ? (float) $cell : $cell,
                        $number ? DataType::TYPE_NUMERIC : DataType::TYPE_STRING,
                    );
                }
            }
            $sheet->freezePane('A2');
            (new Xlsx($book))->save($path);

            return (string) file_get_contents($path);
        } catch (SpreadsheetException) {
            throw UnusableFile::unwritable("{$title}.xlsx");
        } finally {
            $book->disconnectWorksheets();
            unlink($path);
        }
    }
}
