<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\Log;

/** A file that could not be written; nothing of it is kept. */
final class DiskFull extends Refusal
{
    public static function at(string $folder): self
    {
        Log::error("disk: the file store at {$folder} cannot be written; check disk space and owner");

        return new self(
            'The disk of the shop is full or shut: the file could not be kept, and nothing was changed. Make room ' .
                '(bin/doctor says how much is free), then send it again.',
        );
    }

    protected function status(): int
    {
        return 507;
    }
}
