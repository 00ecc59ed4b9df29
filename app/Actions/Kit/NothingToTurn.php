<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Support\Refusal;

/** A draft with no edit in that direction. */
final class NothingToTurn extends Refusal
{
    public static function on(Turn $turn): self
    {
        return new self(
            match ($turn) {
                Turn::Undo => 'There is nothing to undo in this draft.',
                Turn::Redo => 'There is nothing to do again in this draft.',
            },
        );
    }
}
