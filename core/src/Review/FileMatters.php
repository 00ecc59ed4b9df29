<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Reason\Station;

/** Rows that could not be taken as they stand. */
final readonly class FileMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        return array_map(static function (Problem $problem): Matter {
            $names = $problem->args['designators'] ?? ($problem->args['designator'] ?? []);

            return new Matter(
                $problem->severity === ProblemSeverity::Note ? MatterSeverity::Note : MatterSeverity::Warn,
                preg_match('~^(?:placement|layer)\.~', $problem->code) === 1 ? Station::Board : Station::Parts,
                $problem->code,
                $problem->args + ['file' => (string) $problem->file, 'row' => (int) $problem->row],
                is_array($names) ? $names : [(string) $names],
            );
        }, $subject->kit->findings->problems);
    }
}
