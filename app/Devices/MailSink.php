<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Support\Facades\DB;

/** The simulated mail: keeps what would have been sent, where the maker can read it. */
final readonly class MailSink implements MailOut
{
    public function send(int $customerId, string $subject, string $body): void
    {
        DB::table('mails')->insert([
            'customer_id' => $customerId,
            'subject' => mb_substr($subject, 0, 200),
            'body' => $body,
            'created_at' => now(),
        ]);
    }
}
