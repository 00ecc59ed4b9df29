<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use XMLReader;
use ZipArchive;

/**
 * The text of an old manual, from ODT (OASIS OpenDocument 1.3, content.xml) or DOCX (ECMA-376 part 1, WordprocessingML), as Markdown:
 * headings, paragraphs, list items. Pictures, footnotes and fields are left out; nothing is executed or fetched.
 */
final readonly class OldManual
{
    private const XML_LIMIT = 16 * 1_048_576;
    private const TEXT_LIMIT = 1_000_000;
    private const ENDINGS = ['odt' => 'content.xml', 'docx' => 'word/document.xml'];

    public static function isOne(string $name): bool
    {
        return isset(self::ENDINGS[strtolower(pathinfo($name, PATHINFO_EXTENSION))]);
    }

    /** The name that its text has in the kit folder. */
    public static function asMarkdown(string $name): string
    {
        return strtolower(pathinfo(basename($name), PATHINFO_FILENAME)) . '.md';
    }

    /** @throws UnusableFile when it is damaged, beyond a limit, or holds no text */
    public function markdown(string $name, string $bytes): string
    {
        $temporary = (string) tempnam(sys_get_temp_dir(), 'old');
        $silent = libxml_use_internal_errors(true);
        $zip = new ZipArchive();
        try {
            file_put_contents($temporary, $bytes);
            $part = self::ENDINGS[strtolower(pathinfo($name, PATHINFO_EXTENSION))] ?? '';
            $xml =
                @$zip->open($temporary, ZipArchive::RDONLY) === true
                    ? Unpacked::bytes($zip, $part, self::XML_LIMIT)
                    : '';
            if ($xml === null || stripos($xml, '<!ENTITY') !== false) {
                throw UnusableFile::badText($name, 'it is larger than any manual, or defines entities');
            }
            if ($xml === '') {
                throw UnusableFile::badText($name, 'it is damaged, or no text document');
            }
            $text = $this->text($name, $xml);
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($silent);
            unlink($temporary);
        }
        if (preg_match('~\pL{2}~u', $text) !== 1) {
            throw UnusableFile::badText($name, 'it holds no text; a scan has to be typed or recognised first');
        }

        return $text;
    }

    /** @throws UnusableFile */
    private function text(string $name, string $bytes): string
    {
        $xml = XMLReader::XML($bytes, null, LIBXML_NONET | LIBXML_COMPACT);
        $text = $line = '';
        $start = '';
        while ($xml instanceof XMLReader && @$xml->read()) {
            if ($xml->nodeType === XMLReader::ELEMENT) {
                $start = self::start($xml, $start);
                $line .= in_array($xml->localName, ['s', 'tab', 'br', 'line-break'], true) ? ' ' : '';
            } elseif (
                in_array($xml->nodeType, [XMLReader::TEXT, XMLReader::CDATA, XMLReader::SIGNIFICANT_WHITESPACE], true)
            ) {
                $line .= $xml->value;
            } elseif ($xml->nodeType === XMLReader::END_ELEMENT && in_array($xml->localName, ['p', 'h'], true)) {
                $plain = trim((string) preg_replace('~\s+~u', ' ', $line));
                $text .= $plain === '' ? '' : "{$start}{$plain}\n\n";
                $line = $start = '';
            }
            if (strlen($text) > self::TEXT_LIMIT) {
                throw UnusableFile::badText($name, 'it holds more than a million characters');
            }
        }

        return $text;
    }

    /** The sign of Markdown that a paragraph begins with, as far as its elements have told it. */
    private static function start(XMLReader $xml, string $before): string
    {
        return match ($xml->localName) {
            'h' => str_repeat('#', max(1, min(6, (int) $xml->getAttribute('text:outline-level')))) . ' ',
            'pStyle' => preg_match('~^(?:heading|berschrift|titre|title)~i', (string) $xml->getAttribute('w:val')) === 1
                ? '# '
                : $before,
            'list-item', 'numPr' => $before === '' ? '- ' : $before,
            default => $before,
        };
    }
}
