<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use RuntimeException;

/** A program that Chiralex calls is missing or failed; the message names it and says what to do. */
final class UnusableProgram extends RuntimeException
{
    public static function absent(string $program): self
    {
        return new self("{$program} is not installed; run bin/start once as root, it installs what is missing.");
    }

    public static function failed(string $program, string $why): self
    {
        return new self(
            "{$program} gave up: " .
                trim(mb_substr((string) preg_replace('~\s+~', ' ', mb_scrub($why)), 0, 160)) .
                '. Try again; if it stays, look at disk space and memory.',
        );
    }
}
