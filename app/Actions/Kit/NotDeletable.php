<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Support\Refusal;

/** A kit or revision that stays; the message says why and what to do instead. */
final class NotDeletable extends Refusal
{
    public static function released(string $what): self
    {
        return new self(
            "{$what} was released: what left the workshop is never deleted. Put it aside instead; it comes back whenever you want.",
        );
    }

    public static function used(string $what, string $by): self
    {
        return new self(
            "{$what} is named by {$by}, so it is never deleted. Put it aside instead; it comes back whenever you want.",
        );
    }

    public static function lastRevision(string $name): self
    {
        return new self("Revision {$name} is the only one left of this kit; put the whole kit aside or delete it.");
    }
}
