<?php

declare(strict_types=1);

namespace App\Devices\Mail;

use App\Models\MailSettings;
use IMAP\Connection;

/** One folder of the shop's mailbox (RFC 3501), opened for reading only: no flag is set, nothing is deleted. */
final readonly class ImapMailbox implements Mailbox
{
    private const SECONDS = 20;
    private const AT_ONCE = 200;
    /** Of a larger mail its beginning is read: head, words and the first pictures. */
    private const MOST = 33_554_432;
    private const CONTENT = '~^content-[a-z-]+:.*\r?\n(?:[ \t].*\r?\n)*~im';

    public function read(callable $take): int
    {
        $settings = MailSettings::ours();
        foreach ([IMAP_OPENTIMEOUT, IMAP_READTIMEOUT, IMAP_WRITETIMEOUT, IMAP_CLOSETIMEOUT] as $kind) {
            imap_timeout($kind, self::SECONDS);
        }
        $box = $this->open($settings);
        try {
            return $this->each($box, $settings, $take);
        } finally {
            imap_close($box);
            imap_errors();
            imap_alerts();
        }
    }

    /** @throws MailFailure */
    private function open(MailSettings $settings): Connection
    {
        $box = @imap_open(
            self::name($settings),
            $settings->imap_user,
            (string) $settings->imap_password,
            OP_READONLY,
            1,
        );
        if ($box === false) {
            throw MailFailure::fetch($settings->imap_host, self::said());
        }

        return $box;
    }

    /**
     * @param callable(string): void $take
     * @throws MailFailure
     */
    private function each(Connection $box, MailSettings $settings, callable $take): int
    {
        $validity = self::number(imap_status($box, self::name($settings), SA_UIDVALIDITY), 'uidvalidity');
        // Another validity: the server counts anew, and so do we; what was taken before is not taken twice.
        $from = $validity === $settings->seen_validity ? $settings->seen_uid : 0;
        $count = 0;
        foreach ($this->since($box, $from) as $uid => $size) {
            $head = imap_fetchheader($box, $uid, FT_UID);
            $isHuge = $size > self::MOST;
            $body = $isHuge ? self::begun($box, $uid) : imap_body($box, $uid, FT_UID | FT_PEEK);
            if ($head === false || $body === false || $head === '') {
                throw MailFailure::fetch($settings->imap_host, self::said());
            }
            $take(($isHuge ? (string) preg_replace(self::CONTENT, '', $head) : $head) . $body);
            $settings->update(['seen_validity' => $validity, 'seen_uid' => $uid]);
            ++$count;
        }

        return $count;
    }

    /** @return array<int, int> UID to size in bytes, ascending, a few at a time */
    private function since(Connection $box, int $from): array
    {
        $sizes = [];
        $all = @imap_fetch_overview($box, $from + 1 . ':*', FT_UID);
        foreach (is_array($all) ? $all : [] as $each) {
            // `n:*` names the last one even where all are below n.
            $uid = self::number($each, 'uid');
            if ($uid > $from) {
                $sizes[$uid] = self::number($each, 'size');
            }
        }
        ksort($sizes);

        return array_slice($sizes, 0, self::AT_ONCE, true);
    }

    private static function name(MailSettings $settings): string
    {
        $security = ['tls' => '/ssl', 'starttls' => '/tls', 'none' => '/notls'][$settings->imap_security] ?? '/ssl';

        return "{{$settings->imap_host}:{$settings->imap_port}/imap{$security}/readonly}" .
            mb_convert_encoding($settings->imap_folder, 'UTF7-IMAP', 'UTF-8');
    }

    private static function number(mixed $of, string $name): int
    {
        $value = is_object($of) ? ((array) $of)[$name] ?? 0 : 0;

        return is_int($value) ? $value : 0;
    }

    /** The first part of a mail that is too large to be read whole; the rest stays in the mailbox. */
    private static function begun(Connection $box, int $uid): string
    {
        $part = imap_fetchbody($box, $uid, '1', FT_UID | FT_PEEK);

        return "(This mail is larger than 32 MB: its beginning is here, the whole in the mailbox.)\n\n" .
            substr((string) $part, 0, 200_000);
    }

    private static function said(): string
    {
        $errors = imap_errors();
        $last = is_array($errors) ? end($errors) : null;
        $said = is_string($last) ? $last : 'it does not answer';

        return mb_substr(rtrim(trim(mb_scrub($said)), '.'), 0, 160);
    }
}
