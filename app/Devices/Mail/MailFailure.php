<?php

declare(strict_types=1);

namespace App\Devices\Mail;

use App\Support\Refusal;

/** A mailbox or a mail server that does not do what it was asked; the message says what it said, and what to do. */
final class MailFailure extends Refusal
{
    public static function send(string $host, string $said): self
    {
        return new self("{$host} did not take the mail: {$said}. Look at Shop, Letters by mail.");
    }

    public static function fetch(string $host, string $said): self
    {
        return new self("The mailbox at {$host} could not be read: {$said}. Look at Shop, Letters by mail.");
    }
}
