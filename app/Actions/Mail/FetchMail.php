<?php

declare(strict_types=1);

namespace App\Actions\Mail;

use App\Actions\Report\Intake\TakeMail;
use App\Devices\Mail\Mailbox;
use App\Devices\Mail\MailFailure;
use App\Models\MailSettings;

/** Reads what came in; what the mailbox says where it cannot be read is kept for Shop. */
final readonly class FetchMail
{
    public function __construct(private Mailbox $box, private TakeMail $take) {}

    /** @return int letters that were read */
    public function __invoke(): int
    {
        $settings = MailSettings::ours();
        $source = $settings->way === 'real' ? 'imap' : 'mailbox';
        $count = 0;
        try {
            $count = $this->box->read(function (string $bytes) use ($source): void {
                ($this->take)($bytes, $source, null);
            });
            $fault = '';
        } catch (MailFailure $why) {
            $fault = mb_substr($why->getMessage(), 0, 300);
        }
        MailSettings::query()
            ->where('id', 1)
            ->update(['fetched_at' => now(), 'fault' => $fault]);

        return $count;
    }
}
