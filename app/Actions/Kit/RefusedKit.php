<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Support\Refusal;

/** A kit that cannot be shown now; the message is what its row and its rooms say. */
final class RefusedKit extends Refusal
{
    public static function because(string $fault): self
    {
        return new self($fault);
    }
}
