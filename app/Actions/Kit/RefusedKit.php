<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use RuntimeException;

/** A kit that cannot be shown now; the message is what its row and its rooms say. */
final class RefusedKit extends RuntimeException
{
    public static function because(string $fault): self
    {
        return new self($fault);
    }
}
