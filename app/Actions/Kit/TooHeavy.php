<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Support\Refusal;

/** A kit that takes more time or memory to work out than any kit needs. */
final class TooHeavy extends Refusal
{
    public static function time(int $seconds): self
    {
        return new self(
            "This kit takes longer than {$seconds} seconds to work out, the limit. Split it into two kits, or leave out what is not soldered.",
        );
    }

    public static function memory(int $megabytes): self
    {
        return new self(
            "This kit takes more than {$megabytes} MB of memory to work out, the limit. Split it into two kits, or leave out what is not soldered.",
        );
    }

    public static function broke(): self
    {
        return new self(
            'Working this kit out broke off: a fault of the program, not of your files. They are kept as they were; look into the log, and report it with them.',
        );
    }

    public static function stopped(): self
    {
        return new self('It was cancelled; nothing of it is kept.');
    }
}
