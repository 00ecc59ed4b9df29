<?php

declare(strict_types=1);

namespace Chiralex\Table;

/** One record of a table; the number counts records, the header being row 1. */
final readonly class Row
{
    /** @param list<string> $cells trimmed texts in column order */
    public function __construct(public int $number, public array $cells) {}

    public function cell(int $index): string
    {
        return $this->cells[$index] ?? '';
    }

    public function isBlank(): bool
    {
        return implode('', $this->cells) === '';
    }
}
