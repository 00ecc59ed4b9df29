<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Support\Refusal;

/** A revision that does not change any more. */
final class ReleasedRevision extends Refusal
{
    public static function named(string $revision): self
    {
        return new self(
            "Revision {$revision} is released and does not change any more; begin a new revision on the Shelf.",
        );
    }
}
