<?php

declare(strict_types=1);

namespace Chiralex\Fault\Letter;

/** What a mail is, by its head. */
enum LetterKind: string
{
    /** Somebody wrote it. */
    case Letter = 'letter';
    /** A machine answers for somebody: on holiday, received your mail. */
    case AutoReply = 'auto-reply';
    /** A mail of ours did not arrive. */
    case Bounce = 'bounce';
    /** Nothing of it could be read; its bytes are kept. */
    case Unreadable = 'unreadable';

    private const MACHINES = ['mailer-daemon', 'postmaster'];
    private const PRECEDENCE = ['auto_reply', 'bulk', 'junk'];

    /**
     * RFC 3464 (delivery reports), RFC 3834 (automatic answers); senders and Precedence by common practice, no source.
     *
     * @param array<string, string> $head fields in small letters to their values, the last of several
     * @param string $from address of the sender, empty where there is none
     */
    public static function of(array $head, string $from): self
    {
        $type = strtolower($head['content-type'] ?? '');
        $isReport = str_starts_with(trim($type), 'multipart/report') && str_contains($type, 'delivery-status');
        $isMachine = in_array(strtolower(explode('@', $from)[0]), self::MACHINES, true);
        if ($isReport || isset($head['x-failed-recipients']) || ($isMachine && self::hasNoWayBack($head))) {
            return self::Bounce;
        }
        $auto = strtolower(trim(explode(';', $head['auto-submitted'] ?? 'no')[0]));
        $precedence = strtolower(trim($head['precedence'] ?? ''));

        return ($auto !== 'no' && $auto !== '') ||
            in_array($precedence, self::PRECEDENCE, true) ||
            isset($head['x-autoreply']) ||
            isset($head['x-autorespond'])
            ? self::AutoReply
            : self::Letter;
    }

    /** @param array<string, string> $head */
    private static function hasNoWayBack(array $head): bool
    {
        return !isset($head['return-path']) || trim($head['return-path']) === '<>';
    }
}
