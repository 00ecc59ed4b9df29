<?php

declare(strict_types=1);

namespace Chiralex\Reason;

/**
 * Something a file says that cannot be taken as it stands.
 *
 * Rows are counted in records: the header is row 1 and blank records count. The column is the header's own text.
 */
final readonly class Problem
{
    /** @param array<string, string|int|float|list<string>> $args */
    public function __construct(
        public ProblemSeverity $severity,
        public string $code,
        public array $args = [],
        public ?string $file = null,
        public ?int $row = null,
        public ?string $column = null,
    ) {}
}
