<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Mail;

/** The simulated mail: keeps what would have been sent, where the maker can read it. */
final readonly class MailSink implements MailOut
{
    private const LONGEST = 200;

    public function send(int $customerId, string $subject, string $body): void
    {
        Mail::query()->create([
            'customer_id' => $customerId,
            'subject' => mb_substr($subject, 0, self::LONGEST),
            'body' => $body,
        ]);
    }
}
