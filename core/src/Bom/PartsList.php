<?php

declare(strict_types=1);

namespace Chiralex\Bom;

use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;

/** A parts list read from a table: its lines, what was wrong with its rows, and which column was taken for what. */
final readonly class PartsList
{
    /**
     * @param list<Line> $lines
     * @param list<Problem> $problems
     * @param array<string, int> $columns field to column index
     * @param list<string> $headers
     */
    public function __construct(
        public string $file,
        public array $lines,
        public array $problems,
        public array $columns,
        public array $headers,
    ) {}

    public function hasErrors(): bool
    {
        foreach ($this->problems as $problem) {
            if ($problem->severity === ProblemSeverity::Error) {
                return true;
            }
        }

        return false;
    }
}
