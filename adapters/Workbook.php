<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use PhpOffice\PhpSpreadsheet\Exception as SpreadsheetException;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use ZipArchive;

/** Reads the first sheet of an XLSX workbook as delimited text. */
final readonly class Workbook
{
    private const MOST_ROWS = 20_000;
    private const UNPACKED_LIMIT = 80 * 1_048_576;

    /**
     * @return string comma-separated text, RFC 4180
     * @throws UnusableFile when it is no workbook
     */
    public function firstSheet(string $name, string $bytes): string
    {
        $temporary = (string) tempnam(sys_get_temp_dir(), 'book');
        file_put_contents($temporary, $bytes);
        try {
            $this->refuseBomb($name, $temporary);
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

    /** @throws UnusableFile when the parts of the workbook unpack to more than any parts list needs */
    private function refuseBomb(string $name, string $path): void
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw UnusableFile::badWorkbook($name);
        }
        $total = 0;
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $total += $zip->statIndex($i)['size'] ?? 0;
        }
        $zip->close();
        if ($total > self::UNPACKED_LIMIT) {
            throw UnusableFile::badArchive($name, 'it unpacks to more than 80 MB');
        }
    }
}
