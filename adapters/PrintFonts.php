<?php

declare(strict_types=1);

namespace ChiralexAdapters;

/** The application's fonts as `@font-face` rules with the bytes inside, so that a printed page loads nothing. */
final readonly class PrintFonts
{
    private const FILES = [
        ['Next', 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2', ''],
        ['Next', 'source-sans-3/files/source-sans-3-greek-wght-normal.woff2', 'unicode-range: U+370-3FF;'],
        ['Mono', 'atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-wght-normal.woff2', ''],
        ['Mono', 'jetbrains-mono/files/jetbrains-mono-greek-wght-normal.woff2', 'unicode-range: U+370-3FF;'],
    ];

    /** @param string $folder the installed front-end packages; where the fonts are absent the system's own are used */
    public static function css(string $folder): string
    {
        $css = '';
        foreach (self::FILES as [$family, $path, $range]) {
            $bytes = @file_get_contents("{$folder}/@fontsource-variable/{$path}");
            if ($bytes !== false) {
                $css .=
                    "@font-face { font-family: {$family}; font-weight: 200 800; {$range} src: url(data:font/woff2;base64," .
                    base64_encode($bytes) .
                    ") format('woff2'); }\n";
            }
        }

        return $css;
    }
}
