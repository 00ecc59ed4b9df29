<?php

declare(strict_types=1);

namespace Chiralex\Tests\Table;

use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CsvReaderTest extends TestCase
{
    private const TEXT = "Ref;Wert\nR1;4,7 kΩ\nC1;\"10 µF; gross\"\n";

    /** @return iterable<string, array{string, string}> bytes, encoding */
    public static function encodings(): iterable
    {
        yield 'UTF-8' => [self::TEXT, 'UTF-8'];
        yield 'UTF-8 with mark' => ["\xEF\xBB\xBF" . self::TEXT, 'UTF-8'];
        yield 'UTF-16 little endian with mark' => [
            "\xFF\xFE" . mb_convert_encoding(self::TEXT, 'UTF-16LE', 'UTF-8'),
            'UTF-16',
        ];
        yield 'UTF-16 big endian with mark' => [
            "\xFE\xFF" . mb_convert_encoding(self::TEXT, 'UTF-16BE', 'UTF-8'),
            'UTF-16',
        ];
        yield 'UTF-16 without mark' => [(string) mb_convert_encoding(self::TEXT, 'UTF-16LE', 'UTF-8'), 'UTF-16'];
        yield 'carriage returns alone' => [str_replace("\n", "\r", self::TEXT), 'UTF-8'];
        yield 'carriage returns and line feeds' => [str_replace("\n", "\r\n", self::TEXT), 'UTF-8'];
    }

    #[DataProvider('encodings')]
    public function test_a_table_reads_the_same_in_every_encoding(string $bytes, string $encoding): void
    {
        $table = (new CsvReader())->read($bytes, 'bom.csv');

        self::assertSame([$encoding, ';', ['Ref', 'Wert']], [$table->encoding, $table->separator, $table->headers]);
        self::assertSame(
            [['R1', '4,7 kΩ'], ['C1', '10 µF; gross']],
            array_map(static fn($row): array => $row->cells, $table->rows),
        );
    }

    public function test_windows_1252_is_taken_when_the_bytes_are_no_utf_8(): void
    {
        $table = (new CsvReader())->read("Ref,Value\nC1,10 \xB5F\n", 'bom.csv');

        self::assertSame('Windows-1252', $table->encoding);
        self::assertSame('10 µF', $table->rows[0]->cell(1));
    }

    public function test_blank_records_count_but_make_no_rows(): void
    {
        $table = (new CsvReader())->read("\nRef,Value\n\nR1,1k\n", 'bom.csv');

        self::assertSame(2, $table->headerRow);
        self::assertSame(4, $table->rows[0]->number);
    }

    public function test_quoted_cells_hold_separators_breaks_and_marks(): void
    {
        $table = (new CsvReader())->read("Ref,Value\n\"R1,R2\",\"a \"\"b\"\"\nc\"\n", 'bom.csv');

        self::assertSame(['R1,R2', "a \"b\"\nc"], $table->rows[0]->cells);
    }

    /** @return iterable<string, array{string, string}> bytes, part of the message */
    public static function unusable(): iterable
    {
        yield 'empty' => ['', 'bom.csv is empty'];
        yield 'white space' => ["\n \n", 'bom.csv is empty'];
        yield 'binary renamed' => ["PK\x03\x04\x00\x00\x01\x02junk", 'not text'];
        yield 'open quotation' => ["Ref,Value\n\"R1,1k\n", 'row 2'];
        yield 'too large' => [str_repeat("R1,1k\n", 2_000_000), '10 MB'];
    }

    #[DataProvider('unusable')]
    public function test_what_is_no_table_is_refused_by_name_and_place(string $bytes, string $message): void
    {
        $this->expectException(UnreadableTable::class);
        $this->expectExceptionMessage($message);

        (new CsvReader())->read($bytes, 'bom.csv');
    }
}
