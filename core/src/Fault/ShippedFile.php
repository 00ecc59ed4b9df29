<?php

declare(strict_types=1);

namespace Chiralex\Fault;

use Chiralex\Fault\Internal\DayCell;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Table\ColumnCells;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\Table;

/** shipped.csv: serial, revision, lot, run, option, date. */
final readonly class ShippedFile
{
    private const NEEDED = ['serial', 'date'];

    /**
     * @return array{list<ShippedKit>, list<Problem>}
     * @throws UnreadableTable when a column is missing
     */
    public function read(Table $table): array
    {
        $columns = ColumnCells::of($table, self::NEEDED);
        $kits = $problems = $rows = [];
        foreach ($table->rows as $row) {
            $cell = static fn(string $name): string => $columns->cell($row, $name);
            $serial = $cell('serial');
            $day = DayCell::read($cell('date'));
            if ($serial === '' || isset($rows[$serial]) || $day === null) {
                [$column, $code, $args] = match (true) {
                    $serial === '' => ['serial', 'shipped.no-serial', []],
                    isset($rows[$serial]) => [
                        'serial',
                        'shipped.twice',
                        ['serial' => $serial, 'first' => $rows[$serial]],
                    ],
                    default => ['date', 'shipped.date', ['serial' => $serial, 'text' => $cell('date')]],
                };
                $problems[] = new Problem(
                    ProblemSeverity::Error,
                    $code,
                    $args,
                    $table->file,
                    $row->number,
                    $columns->header($column),
                );
                continue;
            }
            $rows[$serial] = $row->number;
            $kits[] = new ShippedKit(
                $serial,
                $cell('revision'),
                $cell('lot') === '' ? [] : [$cell('lot')],
                $cell('run'),
                $cell('option'),
                $day,
            );
        }

        return [$kits, $problems];
    }
}
