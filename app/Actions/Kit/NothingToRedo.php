<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Support\Refusal;

/** A draft in which nothing was taken back since its last edit. */
final class NothingToRedo extends Refusal
{
    public static function here(): self
    {
        return new self('There is nothing to do again in this draft.');
    }
}
