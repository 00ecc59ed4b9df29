<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Kit\Measurement;
use Chiralex\Quantity\MeasuredValue;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Table\ColumnCells;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\Table;

/** measurements.csv: part, lot, piece, quantity, value. */
final readonly class MeasurementFile
{
    /**
     * @return array{list<Measurement>, list<Problem>}
     * @throws UnreadableTable when there is no part or no value column
     */
    public function read(Table $table): array
    {
        $columns = ColumnCells::of($table, ['part', 'value']);
        $measurements = $problems = [];
        foreach ($table->rows as $row) {
            $cell = static fn(string $name): string => $columns->cell($row, $name);
            $value = MeasuredValue::read($cell('value'))?->value();
            if ($value === null) {
                $problems[] = new Problem(
                    ProblemSeverity::Warning,
                    'measurement.value',
                    ['text' => $cell('value'), 'part' => $cell('part')],
                    $table->file,
                    $row->number,
                    'value',
                );
                continue;
            }
            $measurements[] = new Measurement(
                $cell('part'),
                $cell('lot'),
                $cell('piece') === '' ? (string) (count($measurements) + 1) : $cell('piece'),
                $cell('quantity'),
                $value,
            );
        }

        return [$measurements, $problems];
    }
}
