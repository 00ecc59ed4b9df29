<?php

declare(strict_types=1);

namespace App\Devices;

/** Sends mail to a customer. */
interface MailOut
{
    public function send(int $customerId, string $subject, string $body): void;
}
