<?php

declare(strict_types=1);

namespace App\Devices\Mail;

use App\Models\Mail;
use App\Models\MailStatus;

/** The simulated way: what would have been sent stays where the maker can read it. */
final readonly class MailSink implements MailOut
{
    public function send(Mail $mail): MailStatus
    {
        return MailStatus::Kept;
    }
}
