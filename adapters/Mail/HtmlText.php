<?php

declare(strict_types=1);

namespace ChiralexAdapters\Mail;

/** The words of a mail that has no plain text: tags away, blocks to lines, nothing fetched. */
final readonly class HtmlText
{
    private const LONGEST = 2_000_000;
    private const UNSEEN = '~<(script|style|head|title)\b[^>]*>.*?(</\1\s*>|\z)~is';
    private const QUOTE = '~<blockquote\b[^>]*>(.*?)</blockquote\s*>~is';
    private const BREAK = '~<(br|/p|/div|/tr|/li|/h[1-6]|/table|hr)\b[^>]*>~i';

    public static function of(string $html): string
    {
        $seen = (string) preg_replace([self::UNSEEN, '~<!--.*?(-->|\z)~s'], '', substr($html, 0, self::LONGEST));
        $quoted = (string) preg_replace_callback(
            self::QUOTE,
            static fn(array $found): string => "\n" . preg_replace('~^~m', '> ', trim(self::plain($found[1]))) . "\n",
            $seen,
        );

        return trim(self::plain($quoted));
    }

    private static function plain(string $html): string
    {
        $lines = (string) preg_replace(
            ['~[ \t\r\n]+~', self::BREAK],
            [' ', "\n"],
            (string) preg_replace('~\n(> )~', '<br>$1', $html),
        );
        $text = html_entity_decode(
            strip_tags((string) preg_replace('~<(?![a-z/!])~i', '&lt;', $lines)),
            ENT_QUOTES | ENT_HTML5,
            'UTF-8',
        );

        return (string) preg_replace(["~[ \u{a0}]+~u", '~ *\n *~', '~\n{3,}~'], [' ', "\n", "\n\n"], $text);
    }
}
