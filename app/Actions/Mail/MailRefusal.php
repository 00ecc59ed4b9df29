<?php

declare(strict_types=1);

namespace App\Actions\Mail;

use App\Support\Refusal;

/** Mail settings that cannot be saved as they are. */
final class MailRefusal extends Refusal
{
    public static function written(): self
    {
        return new self(
            'Somebody else changed this meanwhile. Your words are still here; look at theirs and save again.',
        );
    }

    public static function inClear(string $host): self
    {
        return new self(
            "Without encryption the password would go to {$host} for everybody to read. Choose TLS (port 993 or 465) or STARTTLS (port 143 or 587); without encryption only a server on this machine is asked.",
        );
    }

    public static function onlySimulated(): self
    {
        return new self('Letters are written into the simulated mailbox only; this shop has a real one.');
    }
}
