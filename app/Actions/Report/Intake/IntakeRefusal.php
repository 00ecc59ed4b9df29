<?php

declare(strict_types=1);

namespace App\Actions\Report\Intake;

use App\Support\Refusal;

/** Letters that cannot be taken in as they came. */
final class IntakeRefusal extends Refusal
{
    /** As much as the server takes at once. */
    public const MOST_MB = 32;

    public static function tooLarge(string $name, int $bytes): self
    {
        return new self(
            sprintf(
                '%s has %d MB; at most %d MB go in at once. Split the mailbox; what was taken is not taken twice.',
                $name,
                (int) ceil($bytes / 1_048_576),
                self::MOST_MB,
            ),
        );
    }

    public static function empty(string $name): self
    {
        return new self("{$name} is empty; drop a mail, a mailbox, a table or JSON lines.");
    }
}
