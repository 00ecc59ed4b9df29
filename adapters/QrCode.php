<?php

declare(strict_types=1);

namespace ChiralexAdapters;

/** QR codes by Debian's qrencode (ISO/IEC 18004). */
final readonly class QrCode
{
    /**
     * @return string an SVG element
     * @throws UnusableProgram when qrencode is missing or fails
     */
    public static function svg(string $text): string
    {
        $svg = Program::run(
            ['qrencode', '-t', 'SVG', '-l', 'M', '-m', '2', '-o', '-', '--inline', '--svg-path'],
            $text,
            10,
        );

        return (string) preg_replace('~^.*?(?=<svg)~s', '', $svg);
    }
}
