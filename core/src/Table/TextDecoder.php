<?php

declare(strict_types=1);

namespace Chiralex\Table;

use Chiralex\Table\Exception\UnreadableTable;

/** Bytes of a text file to UTF-8: UTF-8 with or without mark, UTF-16 either way, else Windows-1252. */
final readonly class TextDecoder
{
    /**
     * @return array{string, string} the text and the name of its encoding
     * @throws UnreadableTable when the bytes are empty or no text
     */
    public function decode(string $bytes, string $file): array
    {
        if (trim($bytes) === '') {
            throw UnreadableTable::empty($file);
        }
        if (str_starts_with($bytes, "\xEF\xBB\xBF")) {
            return [$this->text(substr($bytes, 3), $file), 'UTF-8'];
        }
        $wide = $this->wideEncoding($bytes);
        if ($wide !== null) {
            $text = mb_convert_encoding($bytes, 'UTF-8', $wide);

            return [$this->text(ltrim((string) $text, "\u{FEFF}"), $file), 'UTF-16'];
        }
        if (mb_check_encoding($bytes, 'UTF-8')) {
            return [$this->text($bytes, $file), 'UTF-8'];
        }

        return [$this->text((string) mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'), $file), 'Windows-1252'];
    }

    /** UTF-16 has a mark, or a zero in nearly every second byte of Latin text. */
    private function wideEncoding(string $bytes): ?string
    {
        if (str_starts_with($bytes, "\xFF\xFE")) {
            return 'UTF-16LE';
        }
        if (str_starts_with($bytes, "\xFE\xFF")) {
            return 'UTF-16BE';
        }
        $head = substr($bytes, 0, 400);
        $pairs = intdiv(strlen($head), 2);
        if ($pairs < 4 || strlen($bytes) % 2 !== 0) {
            return null;
        }
        $even = $odd = 0;
        for ($i = 0; $i < $pairs; ++$i) {
            $even += $head[2 * $i] === "\0" ? 1 : 0;
            $odd += $head[2 * $i + 1] === "\0" ? 1 : 0;
        }

        return match (true) {
            $odd > 0.7 * $pairs && $even === 0 => 'UTF-16LE',
            $even > 0.7 * $pairs && $odd === 0 => 'UTF-16BE',
            default => null,
        };
    }

    /** @throws UnreadableTable when control bytes show that this is no text */
    private function text(string $text, string $file): string
    {
        if (preg_match('~[\x00-\x08\x0E-\x1A\x1C-\x1F]~', $text) === 1) {
            throw UnreadableTable::binary($file);
        }
        if (trim($text) === '') {
            throw UnreadableTable::empty($file);
        }

        return $text;
    }
}
