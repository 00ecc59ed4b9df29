<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault\Letter;

use Chiralex\Fault\Cause;
use Chiralex\Fault\JudgedCause;
use Chiralex\Fault\Letter\ReportRow;
use Chiralex\Fault\Letter\ReportTable;
use Chiralex\Reason\Problem;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;
use PHPUnit\Framework\TestCase;

final class ReportTableTest extends TestCase
{
    public function test_rows_are_read_and_what_cannot_be_used_is_told_with_its_row(): void
    {
        $csv =
            "Date,Serial,text,cause\n2026-07-28,FB-1,It is dead.,D1 reversed\n28.7.2026,FB-2,Also.,\n,FB-3,,\n,FB-4,No date.,\n";
        [$rows, $problems] = (new ReportTable())->table((new CsvReader())->read($csv, 'old.csv'));
        self::assertSame(
            [[2, '2026-07-28'], [5, null]],
            array_map(static fn(ReportRow $row): array => [$row->number, $row->date], $rows),
        );
        self::assertSame('D1 reversed', $rows[0]->field('cause'));
        self::assertSame(
            [['report.date', 3, 'date'], ['report.no-text', 4, 'text']],
            array_map(static fn(Problem $each): array => [$each->code, $each->row, $each->column], $problems),
        );
    }

    public function test_a_table_without_the_column_text_is_none(): void
    {
        $this->expectException(UnreadableTable::class);
        (new ReportTable())->table((new CsvReader())->read("date,serial\n2026-07-28,FB-1\n", 'old.csv'));
    }

    public function test_json_lines_are_read_line_by_line(): void
    {
        $lines =
            "{\"text\": \"Dead.\", \"step\": 4}\n\n[1, 2]\nnonsense\n{\"text\": [\"x\"]}\n{\"date\":\"2026-07-28\",\"text\":\"Hot.\"}";
        [$rows, $problems] = (new ReportTable())->jsonLines($lines, 'old.jsonl');
        self::assertSame(
            [['Dead.', '4'], ['Hot.', '']],
            array_map(static fn(ReportRow $row): array => [$row->field('text'), $row->field('step')], $rows),
        );
        self::assertSame(
            [['report.json', 3], ['report.json', 4], ['report.no-text', 5]],
            array_map(static fn(Problem $each): array => [$each->code, $each->row], $problems),
        );
    }

    public function test_two_rows_that_say_the_same_have_the_same_content(): void
    {
        $row = static fn(string $text): ReportRow => ReportRow::of(
            2,
            null,
            static fn(string $name): string => $name === 'text' ? $text : '',
        );
        self::assertSame($row('Dead.')->content(), $row(' Dead. ')->content());
        self::assertNotSame($row('Dead.')->content(), $row('dead.')->content());
    }

    public function test_a_cause_is_read_as_it_is_written(): void
    {
        foreach (Cause::cases() as $cause) {
            $places = $cause === Cause::WiresSwapped ? ['W1', 'W1 and W2', ''] : ['D1', 'R2 and R5', ''];
            foreach ($places as $part) {
                $said = new JudgedCause($cause, $part, $cause->usualOrigin());
                self::assertEquals($said, JudgedCause::read($said->name()), $said->name());
            }
        }
        self::assertNull(JudgedCause::read('the lid does not fit'));
    }
}
