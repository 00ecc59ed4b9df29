<?php

declare(strict_types=1);

namespace Chiralex\Tests\Table;

use Chiralex\Table\CsvReader;
use Chiralex\Table\CsvWriter;
use Chiralex\Table\Row;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CsvWriterTest extends TestCase
{
    /** @return iterable<string, array{list<string>, string}> */
    public static function records(): iterable
    {
        yield 'plain' => [['R1', '10k', ''], "R1,10k,\n"];
        yield 'its separator' => [['R1,R2', '10k'], "\"R1,R2\",10k\n"];
        yield 'what another reader separates by' => [['a;b', "c\td", 'e|f'], "\"a;b\",\"c\td\",\"e|f\"\n"];
        yield 'a quotation mark' => [['say "x"'], "\"say \"\"x\"\"\"\n"];
        yield 'lines' => [["one\ntwo", "three\rfour"], "\"one\ntwo\",\"three\rfour\"\n"];
    }

    /** @param list<string> $cells */
    #[DataProvider('records')]
    public function test_a_cell_is_quoted_where_a_sign_could_be_taken_for_another(array $cells, string $text): void
    {
        self::assertSame($text, (new CsvWriter())->record($cells));
    }

    /** @return iterable<string, array{string}> */
    public static function separators(): iterable
    {
        foreach (['comma' => ',', 'semicolon' => ';', 'tab' => "\t", 'bar' => '|'] as $name => $separator) {
            yield $name => [$separator];
        }
    }

    #[DataProvider('separators')]
    public function test_what_is_written_is_read_again_with_its_record_numbers(string $separator): void
    {
        $random = new Randomizer(new Mt19937(3));
        $signs = ['a', 'R1', ',', ';', "\t", '|', '"', "\n", "\r\n", 'µ', '10k', "'", '=', '-'];
        for ($round = 0; $round < 200; ++$round) {
            $records = [1 => ['Ref', 'Value', 'Note']];
            for ($number = 2; $number < 12; ++$number) {
                if ($random->getInt(0, 3) > 0) {
                    $cell = static fn(): string => implode(
                        '',
                        array_map(
                            static fn(int $i): string => $signs[$random->getInt(0, count($signs) - 1)],
                            range(1, $random->getInt(1, 5)),
                        ),
                    );
                    $records[$number] = ['x' . $cell() . 'x', 'y' . $cell() . 'y', 'z' . $cell() . 'z'];
                }
            }
            $table = (new CsvReader())->read((new CsvWriter($separator))->records($records), 'bom.csv');
            $read = array_map(static fn(Row $row): array => $row->cells, array_column($table->rows, null, 'number'));

            self::assertSame($separator, $table->separator);
            self::assertSame(array_slice($records, 1, null, true), $read);
        }
    }
}
