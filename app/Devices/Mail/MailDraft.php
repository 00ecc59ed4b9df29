<?php

declare(strict_types=1);

namespace App\Devices\Mail;

use App\Models\Mail;
use App\Models\MailStatus;

/** Without a mail server: the letter is a file that a person sends from their own mail program. */
final readonly class MailDraft implements MailOut
{
    public function send(Mail $mail): MailStatus
    {
        return MailStatus::Draft;
    }
}
