<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Support\Refusal;

/** Two revisions that cannot be compared; the message says why. */
final class NoDifference extends Refusal
{
    public static function cycle(string $revision): self
    {
        return new self("In revision {$revision} some steps wait for each other; settle that at Order first.");
    }

    public static function otherKit(): self
    {
        return new self('Only revisions of one kit can be compared.');
    }
}
