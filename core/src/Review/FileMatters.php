<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Reason\Matter;
use Chiralex\Reason\Problem;
use Chiralex\Reason\Severity;
use Chiralex\Reason\Station;
use Chiralex\Reason\Weight;

/** Rows that could not be taken as they stand. */
final readonly class FileMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        return array_map(static function (Problem $problem): Matter {
            $names = $problem->args['designators'] ?? ($problem->args['designator'] ?? []);

            return new Matter(
                $problem->severity === Severity::Note ? Weight::Note : Weight::Warn,
                str_starts_with($problem->code, 'placement.') ? Station::Board : Station::Parts,
                $problem->code,
                $problem->args + ['file' => (string) $problem->file, 'row' => (int) $problem->row],
                is_array($names) ? $names : [(string) $names],
            );
        }, $subject->kit->problems);
    }
}
