<?php

declare(strict_types=1);

namespace App\Actions\Mail;

/** What may be said of the way letters go: rules, and which column each is. */
final readonly class MailFacts
{
    public const RULES = [
        'way' => ['sometimes', 'in:simulated,draft,real'],
        'smtpHost' => ['sometimes', 'nullable', 'string', 'max:190', 'regex:~^[A-Za-z0-9.:_-]*$~'],
        'smtpPort' => ['sometimes', 'integer', 'between:1,65535'],
        'smtpSecurity' => ['sometimes', 'in:tls,starttls,none'],
        'smtpUser' => ['sometimes', 'nullable', 'string', 'max:190'],
        'smtpPassword' => ['sometimes', 'nullable', 'string', 'max:500'],
        'imapHost' => ['sometimes', 'nullable', 'string', 'max:190', 'regex:~^[A-Za-z0-9.:_-]*$~'],
        'imapPort' => ['sometimes', 'integer', 'between:1,65535'],
        'imapSecurity' => ['sometimes', 'in:tls,starttls,none'],
        'imapUser' => ['sometimes', 'nullable', 'string', 'max:190'],
        'imapPassword' => ['sometimes', 'nullable', 'string', 'max:500'],
        'imapFolder' => ['sometimes', 'string', 'min:1', 'max:120', 'regex:~^[^{}"\r\n]+$~u'],
    ];

    public const MESSAGES = [
        'smtpHost.regex' =>
            'Write the name of the mail server, like mail.example.org, without anything before or behind.',
        'imapHost.regex' =>
            'Write the name of the mail server, like mail.example.org, without anything before or behind.',
        'smtpPort.*' => 'A port is a number from 1 to 65535; usual are 587 and 465.',
        'imapPort.*' => 'A port is a number from 1 to 65535; usual are 993 and 143.',
        'imapFolder.*' => 'Write the name of one folder, like INBOX; without braces and quotes.',
    ];

    /**
     * @param array<string, string> $said
     * @return array<string, string|int|null> columns; a password that is left empty stays as it is
     */
    public static function columns(array $said): array
    {
        $columns = [];
        foreach ($said as $field => $value) {
            $column = strtolower((string) preg_replace('~[A-Z]~', '_$0', $field));
            if (str_ends_with($field, 'Password')) {
                if ($value !== '') {
                    $columns[$column] = $value;
                }
                continue;
            }
            $columns[$column] = str_ends_with($field, 'Port') ? (int) $value : trim($value);
        }

        return $columns;
    }
}
