<?php

declare(strict_types=1);

namespace Chiralex\Tests\Table;

use Chiralex\Table\DayColumn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DayColumnTest extends TestCase
{
    /**
     * @param list<string> $cells
     * @param list<?string> $days
     */
    #[DataProvider('columns')]
    public function test_a_column_says_how_its_days_are_written(array $cells, ?bool $said, array $days): void
    {
        $column = DayColumn::of($cells, $said);
        self::assertSame($days, array_map($column->day(...), $cells));
    }

    /** @return iterable<string, array{list<string>, ?bool, list<?string>}> */
    public static function columns(): iterable
    {
        yield 'the year first' => [['2026-11-05', '2026/1/9'], null, ['2026-11-05', '2026-01-09']];
        yield 'with a time' => [['2026-11-05T10:20:00Z', '2026-11-05 10:20'], null, ['2026-11-05', '2026-11-05']];
        yield 'points' => [['05.11.2026', '5.11.26'], null, ['2026-11-05', '2026-11-05']];
        yield 'one cell decides for the day' => [['03/04/2026', '25/04/2026'], null, ['2026-04-03', '2026-04-25']];
        yield 'one cell decides for the month' => [['03/04/2026', '04/25/2026'], null, ['2026-03-04', '2026-04-25']];
        yield 'nothing decides' => [['03/04/2026', '05/05/2026'], null, [null, '2026-05-05']];
        yield 'nothing decides, the day was said' => [['03/04/2026'], true, ['2026-04-03']];
        yield 'nothing decides, the month was said' => [['03/04/2026'], false, ['2026-03-04']];
        yield 'what was said cannot be' => [['25/04/2026'], false, ['2026-04-25']];
        yield 'cells that speak against each other' => [['25/04/2026', '04/25/2026'], null, [null, null]];
        yield 'no days' => [['today', '', '2026-13-01', '31.02.2026', '1/2/3'], null, [null, null, null, null, null]];
        yield 'the leap day' => [['2028-02-29', '2026-02-29'], null, ['2028-02-29', null]];
    }

    public function test_a_day_that_can_be_read_in_two_ways_is_told_from_none(): void
    {
        $column = DayColumn::of(['03/04/2026', 'soon']);
        self::assertSame(
            [true, false, false, false],
            array_map($column->isOpen(...), ['03/04/2026', 'soon', '4/4/2026', '20/13/2026']),
        );
    }
}
