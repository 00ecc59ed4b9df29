<?php

declare(strict_types=1);

namespace App\Support;

/** A stored file that is no longer on disk. */
final class LostFile extends Refusal
{
    public static function named(string $hash): self
    {
        return new self(
            'A stored file of this kit is missing on the server (' .
                substr($hash, 0, 12) .
                '). Restore it from a backup with bin/restore; nothing else is touched.',
        );
    }
}
