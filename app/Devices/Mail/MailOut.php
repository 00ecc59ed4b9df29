<?php

declare(strict_types=1);

namespace App\Devices\Mail;

use App\Models\Mail;
use App\Models\MailStatus;

/** Sends a mail to a customer. */
interface MailOut
{
    /**
     * @return MailStatus how far it is then
     * @throws MailFailure when it could not be sent; the message says why
     */
    public function send(Mail $mail): MailStatus;
}
