<?php

declare(strict_types=1);

namespace ChiralexAdapters\Mail;

/** Words of a mail in UTF-8, whatever they claim to be in. */
final readonly class Charset
{
    /**
     * @param string $named as the mail says it; empty where it says none
     * @return array{text: string, isBroken: bool} broken: what it is in had to be guessed, or letters are lost
     */
    public static function decoded(string $bytes, string $named): array
    {
        $name = strtolower(trim($named, " \"'"));
        if ($name === '' || in_array($name, ['us-ascii', 'ascii', 'utf-8', 'utf8'], true)) {
            return mb_check_encoding($bytes, 'UTF-8')
                ? ['text' => $bytes, 'isBroken' => false]
                : ['text' => self::western($bytes), 'isBroken' => $name !== ''];
        }
        $text = @iconv($name, 'UTF-8', $bytes);
        if ($text !== false && mb_check_encoding($text, 'UTF-8')) {
            return ['text' => $text, 'isBroken' => false];
        }

        return [
            'text' => mb_check_encoding($bytes, 'UTF-8') ? $bytes : self::western($bytes),
            'isBroken' => true,
        ];
    }

    /** A field of the head (RFC 2047), its folding away. */
    public static function field(string $value): string
    {
        $flat = (string) preg_replace('~\s*\r?\n\s+~', ' ', $value);
        $read = @iconv_mime_decode($flat, ICONV_MIME_DECODE_CONTINUE_ON_ERROR, 'UTF-8');

        return self::decoded(is_string($read) && $read !== '' ? $read : $flat, '')['text'];
    }

    private static function western(string $bytes): string
    {
        $text = @iconv('WINDOWS-1252', 'UTF-8//IGNORE', $bytes);

        return is_string($text) ? $text : mb_scrub($bytes, 'UTF-8');
    }
}
