<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Support\Refusal;

/** A draft whose every edit is taken back, or that has none. */
final class NothingToUndo extends Refusal
{
    public static function here(): self
    {
        return new self('There is nothing to undo in this draft.');
    }
}
