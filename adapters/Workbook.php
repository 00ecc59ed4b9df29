<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use PhpOffice\PhpSpreadsheet\Exception as SpreadsheetException;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;

/** Reads the first sheet of an XLSX workbook as delimited text. */
final readonly class Workbook
{
    private const MOST_ROWS = 20_000;

    /**
     * @return string comma-separated text, RFC 4180
     * @throws UnusableFile when it is no workbook
     */
    public function firstSheet(string $name, string $bytes): string
    {
        $temporary = (string) tempnam(sys_get_temp_dir(), 'book');
        file_put_contents($temporary, $bytes);
        try {
            $reader = new Xlsx();
            $reader->setReadDataOnly(true);
            if (!$reader->canRead($temporary)) {
                throw UnusableFile::badWorkbook($name);
            }
            $sheet = $reader->load($temporary)->getSheet(0);
            $out = fopen('php://memory', 'w+');
            if ($out === false) {
                throw UnusableFile::badWorkbook($name);
            }
            $last = $sheet->getHighestDataColumn();
            $rows = min(self::MOST_ROWS, $sheet->getHighestDataRow());
            foreach ($sheet->rangeToArray("A1:{$last}{$rows}", '', true, false) as $row) {
                fputcsv($out, array_map(static fn(mixed $cell): string => is_scalar($cell) ? (string) $cell : '', $row), ',', '"', '');
            }
            rewind($out);

            return (string) stream_get_contents($out);
        } catch (SpreadsheetException) {
            throw UnusableFile::badWorkbook($name);
        } finally {
            unlink($temporary);
        }
    }
}
