<?php

declare(strict_types=1);

namespace App\Actions\Mail;

use App\Models\MailStatus;
use App\Support\Refusal;

/** A mail that is further than it was thought to be. */
final class MailGone extends Refusal
{
    public static function already(MailStatus $status): self
    {
        return new self(
            match ($status) {
                MailStatus::TakenBack => 'This answer was taken back; write it anew.',
                MailStatus::Waiting => 'This answer still waits; it goes out in a moment by itself.',
                default => 'This answer has left and cannot be taken back; write another one.',
            },
        );
    }

    protected function status(): int
    {
        return 409;
    }
}
