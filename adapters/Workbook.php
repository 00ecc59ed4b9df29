<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use Chiralex\Limits;
use Chiralex\Table\CsvWriter;
use XMLReader;
use ZipArchive;

/**
 * Reads the visible sheets of an XLSX workbook as delimited text (ECMA-376 part 1, SpreadsheetML), as a stream: what it costs
 * is bounded by the limits below whatever the workbook holds. See docs/decisions/0017.
 */
final readonly class Workbook
{
    /** Bytes of one unpacked XML part. */
    public const XML_LIMIT = 24 * 1_048_576;
    public const MOST_CELLS = 400_000;

    /** Sheets read at most. */
    private const MOST_SHEETS = 8;

    /**
     * @return non-empty-array<string, string> comma-separated text (RFC 4180) of each sheet that is not hidden, by its name; rows keep their numbers
     * @throws UnusableFile when it is no workbook, damaged, or beyond a limit
     */
    public function sheets(string $name, string $bytes): array
    {
        $temporary = (string) tempnam(sys_get_temp_dir(), 'book');
        $zip = new ZipArchive();
        $silent = libxml_use_internal_errors(true);
        try {
            file_put_contents($temporary, $bytes);
            if (@$zip->open($temporary, ZipArchive::RDONLY) !== true) {
                throw UnusableFile::badWorkbook($name);
            }
            $strings = $this->sharedStrings($name, $zip);
            $sheets = [];
            foreach ($this->sheetParts($name, $zip) as $sheet => $part) {
                $text = $this->sheet($name, $this->part($name, $zip, $part), $strings);
                $sheets += trim($text, ", \r\n") === '' && $sheets !== [] ? [] : [$sheet => $text];
            }

            return $sheets === [] ? throw UnusableFile::badWorkbook($name) : $sheets;
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($silent);
            unlink($temporary);
        }
    }

    /**
     * The paths of the sheets that are not hidden, by their names.
     *
     * @return array<string, string>
     * @throws UnusableFile
     */
    private function sheetParts(string $name, ZipArchive $zip): array
    {
        $relations = $parts = [];
        $xml = $this->reader($name, $this->part($name, $zip, 'xl/workbook.xml'));
        while ($this->next($name, $xml)) {
            if (
                $xml->nodeType === XMLReader::ELEMENT &&
                $xml->localName === 'sheet' &&
                !in_array($xml->getAttribute('state'), ['hidden', 'veryHidden'], true) &&
                count($relations) < self::MOST_SHEETS
            ) {
                $relation = $this->relation($xml);
                $relations +=
                    $relation === null ? [] : [$relation => mb_substr((string) $xml->getAttribute('name'), 0, 60)];
            }
        }
        $xml = $this->reader($name, $this->part($name, $zip, 'xl/_rels/workbook.xml.rels'));
        while ($this->next($name, $xml)) {
            $sheet = $relations[(string) $xml->getAttribute('Id')] ?? null;
            if ($xml->nodeType === XMLReader::ELEMENT && $xml->localName === 'Relationship' && $sheet !== null) {
                $target = (string) $xml->getAttribute('Target');
                $parts[$sheet] = str_starts_with($target, '/') ? substr($target, 1) : "xl/{$target}";
            }
        }

        return array_replace(array_intersect_key(array_flip($relations), $parts), $parts);
    }

    /** The attribute `r:id`, whatever the prefix. */
    private function relation(XMLReader $xml): ?string
    {
        $found = null;
        while ($xml->moveToNextAttribute()) {
            $found = $xml->localName === 'id' && $xml->prefix !== '' ? $xml->value : $found;
        }
        $xml->moveToElement();

        return $found;
    }

    /**
     * @return list<string>
     * @throws UnusableFile
     */
    private function sharedStrings(string $name, ZipArchive $zip): array
    {
        if ($zip->locateName('xl/sharedStrings.xml') === false) {
            return [];
        }
        $strings = [];
        $xml = $this->reader($name, $this->part($name, $zip, 'xl/sharedStrings.xml'));
        while ($this->next($name, $xml)) {
            if ($xml->nodeType === XMLReader::ELEMENT && $xml->localName === 'si') {
                $strings[] = $this->text($name, $xml);
                if (count($strings) > self::MOST_CELLS) {
                    throw UnusableFile::largeWorkbook($name, number_format(self::MOST_CELLS) . ' different texts');
                }
            }
        }

        return $strings;
    }

    /**
     * @param list<string> $strings
     * @throws UnusableFile
     */
    private function sheet(string $name, string $bytes, array $strings): string
    {
        $xml = $this->reader($name, $bytes);
        $records = $row = [];
        $number = $count = 0;
        $column = -1;
        while ($this->next($name, $xml)) {
            if ($xml->nodeType !== XMLReader::ELEMENT) {
                continue;
            }
            if ($xml->localName === 'row') {
                $number = max($number + 1, (int) ($xml->getAttribute('r') ?? 0));
                $column = -1;
            } elseif ($xml->localName === 'c') {
                $column = self::column((string) $xml->getAttribute('r')) ?? $column + 1;
                $value = $this->cell($name, $xml, $strings);
                if (++$count > self::MOST_CELLS) {
                    throw UnusableFile::largeWorkbook($name, number_format(self::MOST_CELLS) . ' cells');
                }
                if ($value === '') {
                    continue;
                }
                if ($column >= Limits::COLUMNS || $number > Limits::RECORDS_READ) {
                    throw UnusableFile::farCell($name, $column + 1, $number);
                }
                $records[$number][$column] = $value;
                if (count($records) > Limits::ROWS_READ + 1) {
                    throw UnusableFile::largeWorkbook($name, number_format(Limits::ROWS_READ) . ' rows');
                }
            }
        }

        return $this->written($records);
    }

    /**
     * @param array<int, array<int, string>> $records by number
     */
    private function written(array $records): string
    {
        $out = '';
        $width = max([
            0,
            ...array_map(
                static fn(array $row): int => (int) array_key_last($row) + 1,
                array_values(
                    array_map(static function (array $row): array {
                        ksort($row);

                        return $row;
                    }, $records),
                ),
            ),
        ]);
        $writer = new CsvWriter();
        for ($number = 1, $last = $records === [] ? 0 : max(array_keys($records)); $number <= $last; ++$number) {
            $cells = ($records[$number] ?? []) + array_fill(0, isset($records[$number]) ? $width : 0, '');
            ksort($cells);
            $out .= $writer->record($cells);
        }

        return $out;
    }

    /**
     * @param list<string> $strings
     * @throws UnusableFile
     */
    private function cell(string $name, XMLReader $xml, array $strings): string
    {
        $type = (string) $xml->getAttribute('t');
        if ($xml->isEmptyElement) {
            return '';
        }
        $depth = $xml->depth;
        $value = $formula = $inline = '';
        while ($this->next($name, $xml) && $xml->depth > $depth) {
            if ($xml->nodeType !== XMLReader::ELEMENT) {
                continue;
            }
            match ($xml->localName) {
                'v' => ($value = $this->text($name, $xml)),
                'f' => ($formula = $this->text($name, $xml)),
                'is' => ($inline = $this->text($name, $xml)),
                default => null,
            };
        }

        return self::shown($type, $value, $formula, $inline, $strings);
    }

    /**
     * What a person sees in a cell.
     *
     * @param list<string> $strings
     */
    private static function shown(string $type, string $value, string $formula, string $inline, array $strings): string
    {
        return match (true) {
            $type === 's' => $strings[(int) $value] ?? '',
            $type === 'inlineStr' => $inline,
            $type === 'b' => $value === '1' ? 'TRUE' : ($value === '' ? '' : 'FALSE'),
            $value === '' && $formula !== '' => "={$formula}",
            // A number as the workbook keeps it, 0.10000000000000001, is written as people do.
            ($type === '' || $type === 'n') && is_numeric($value) && is_finite((float) $value)
                => (string) (float) $value,
            default => $value,
        };
    }

    /**
     * The text inside an element, runs put together, phonetic hints left out.
     *
     * @throws UnusableFile
     */
    private function text(string $name, XMLReader $xml): string
    {
        if ($xml->isEmptyElement) {
            return '';
        }
        $depth = $xml->depth;
        $text = '';
        $hint = null;
        while ($this->next($name, $xml) && $xml->depth > $depth) {
            if ($xml->nodeType === XMLReader::ELEMENT && $xml->localName === 'rPh') {
                $hint = $xml->depth;
            } elseif ($hint !== null && $xml->depth <= $hint) {
                $hint = null;
            } elseif (
                $hint === null &&
                in_array($xml->nodeType, [XMLReader::TEXT, XMLReader::CDATA, XMLReader::SIGNIFICANT_WHITESPACE], true)
            ) {
                $text .= $xml->value;
            }
        }

        return $text;
    }

    /**
     * @return string bytes of a part, unpacked
     * @throws UnusableFile
     */
    private function part(string $name, ZipArchive $zip, string $path): string
    {
        $bytes =
            Unpacked::bytes($zip, $path, self::XML_LIMIT) ??
            throw UnusableFile::largeWorkbook($name, intdiv(self::XML_LIMIT, 1_048_576) . ' MB unpacked');

        return $bytes === '' ? throw UnusableFile::badWorkbook($name) : $bytes;
    }

    /** @throws UnusableFile */
    private function reader(string $name, string $xml): XMLReader
    {
        // A document type has no place in a workbook; entities are its only use.
        if (stripos(substr($xml, 0, 4096), '<!DOCTYPE') !== false) {
            throw UnusableFile::badWorkbook($name);
        }
        $reader = @XMLReader::XML($xml, null, LIBXML_NONET | LIBXML_COMPACT);

        return $reader instanceof XMLReader ? $reader : throw UnusableFile::badWorkbook($name);
    }

    /** @throws UnusableFile when the XML is damaged there */
    private function next(string $name, XMLReader $xml): bool
    {
        $more = @$xml->read();
        if (!$more && libxml_get_last_error() !== false) {
            throw UnusableFile::badWorkbook($name);
        }

        return $more;
    }

    /** The column of `AB12` from 0; null where no reference is written. */
    private static function column(string $reference): ?int
    {
        if (preg_match('~^([A-Z]{1,3})\d*$~', $reference, $found) !== 1) {
            return null;
        }
        $column = 0;
        foreach (str_split($found[1]) as $letter) {
            $column = 26 * $column + ord($letter) - 64;
        }

        return $column - 1;
    }
}
