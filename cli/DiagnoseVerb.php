<?php

declare(strict_types=1);

namespace ChiralexCli;

final readonly class DiagnoseVerb
{
    /** @param list<string> $arguments */
    public function run(array $arguments): Outcome
    {
        throw UsageError::missing('diagnose', 'not yet');
    }
}
