<?php

declare(strict_types=1);

namespace Chiralex\Table;

/** Rows of text under headers, with the numbers they have in their file. */
final readonly class Table
{
    /**
     * @param list<string> $headers as they stand in the file
     * @param list<Row> $rows without blank records
     * @param string $encoding the encoding the bytes were read in
     * @param string $separator the separator found, empty for a workbook
     */
    public function __construct(
        public string $file,
        public array $headers,
        public array $rows,
        public string $encoding,
        public string $separator,
        public int $headerRow = 1,
    ) {}
}
