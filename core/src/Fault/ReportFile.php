<?php

declare(strict_types=1);

namespace Chiralex\Fault;

use Chiralex\Fault\Internal\DayCell;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Table\ColumnCells;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\Table;

/** reports.csv: date, serial, revision, step, symptom, cause, text. */
final readonly class ReportFile
{
    private const NEEDED = ['date', 'serial'];

    /**
     * @return array{list<KitReport>, list<Problem>}
     * @throws UnreadableTable when a column is missing
     */
    public function read(Table $table): array
    {
        $columns = ColumnCells::of($table, self::NEEDED);
        $reports = $problems = [];
        foreach ($table->rows as $row) {
            $cell = static fn(string $name): string => $columns->cell($row, $name);
            $day = DayCell::read($cell('date'));
            if ($day === null) {
                $problems[] = new Problem(
                    ProblemSeverity::Error,
                    'report.date',
                    ['text' => $cell('date')],
                    $table->file,
                    $row->number,
                    $columns->header('date'),
                );
                continue;
            }
            $reports[] = new KitReport(
                $day,
                $cell('serial'),
                $cell('step'),
                $cell('symptom'),
                $cell('cause') === '' ? [] : [$cell('cause')],
                $cell('text'),
            );
        }

        return [$reports, $problems];
    }
}
