<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Support\Refusal;

/** A letter that another revision of the kit has, or that is none. */
final class RevisionTaken extends Refusal
{
    public static function by(string $name): self
    {
        return new self("There is a revision {$name} of this kit already; call this one otherwise.");
    }

    public static function unusable(string $name): self
    {
        return new self("{$name} is no name of a revision: one to eight letters and digits, B or 2.");
    }
}
