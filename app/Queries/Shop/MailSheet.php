<?php

declare(strict_types=1);

namespace App\Queries\Shop;

use App\Models\MailSettings;

/** By which way letters go, as Shop shows it: never a password. */
final readonly class MailSheet
{
    /** @return array<string, mixed> */
    public function settings(): array
    {
        $now = MailSettings::ours();

        return [
            'version' => $now->version,
            'way' => $now->way,
            'smtpHost' => $now->smtp_host,
            'smtpPort' => $now->smtp_port,
            'smtpSecurity' => $now->smtp_security,
            'smtpUser' => $now->smtp_user,
            'hasSmtpPassword' => $now->smtp_password !== null,
            'imapHost' => $now->imap_host,
            'imapPort' => $now->imap_port,
            'imapSecurity' => $now->imap_security,
            'imapUser' => $now->imap_user,
            'hasImapPassword' => $now->imap_password !== null,
            'imapFolder' => $now->imap_folder,
            'fetchedAt' => $now->fetched_at?->toIso8601String(),
            'fault' => $now->fault,
        ];
    }
}
