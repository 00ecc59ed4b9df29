<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Kit\PilotEntry;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Table\Exception\UnreadableTable;
use Chiralex\Table\Table;

/** pilot.csv: build, step, minutes, snag, settled, photo, reading. */
final readonly class PilotLog
{
    /**
     * @return array{list<PilotEntry>, list<Problem>}
     * @throws UnreadableTable when there is no step column
     */
    public function read(Table $table): array
    {
        $columns = array_flip(
            array_map(static fn(string $header): string => mb_strtolower(trim($header)), $table->headers),
        );
        if (!isset($columns['step'])) {
            throw UnreadableTable::noColumn($table->file, 'step', $table->headers);
        }
        $entries = $problems = [];
        foreach ($table->rows as $row) {
            $cell = static fn(string $name): string => isset($columns[$name]) ? trim($row->cell($columns[$name])) : '';
            $minutes = str_replace(',', '.', $cell('minutes'));
            if ($minutes !== '' && (!is_numeric($minutes) || (float) $minutes < 0.0 || (float) $minutes > 6000.0)) {
                $problems[] = new Problem(
                    ProblemSeverity::Warning,
                    'pilot.minutes',
                    ['text' => $cell('minutes')],
                    $table->file,
                    $row->number,
                    'minutes',
                );
                $minutes = '';
            }
            $entries[] = new PilotEntry(
                max(1, (int) $cell('build')),
                $cell('step'),
                $minutes === '' ? null : (float) $minutes,
                $cell('snag'),
                in_array(mb_strtolower($cell('settled')), ['yes', 'y', 'x', '1', 'true'], true),
                $cell('photo'),
                $cell('reading'),
            );
        }

        return [$entries, $problems];
    }
}
