<?php

declare(strict_types=1);

namespace ChiralexAdapters;

/** The application's fonts as `@font-face` rules with the bytes inside, so that a printed page loads nothing. */
final readonly class PrintFonts
{
    /** Regular and bold; fonts of variable weight would be embedded as drawings. */
    private const WEIGHTS = [400, 700];
    private const FILES = [
        ['Next', 'atkinson-hyperlegible-next', 'latin', ''],
        ['Next', 'source-sans-3', 'greek', 'unicode-range: U+370-3FF;'],
        ['Mono', 'atkinson-hyperlegible-mono', 'latin', ''],
        ['Mono', 'jetbrains-mono', 'greek', 'unicode-range: U+370-3FF;'],
    ];

    /** @param string $folder the installed front-end packages; where the fonts are absent the system's own are used */
    public static function css(string $folder): string
    {
        $css = '';
        foreach (self::FILES as [$family, $package, $script, $range]) {
            foreach (self::WEIGHTS as $weight) {
                $bytes = @file_get_contents(
                    "{$folder}/@fontsource/{$package}/files/{$package}-{$script}-{$weight}-normal.woff2",
                );
                if ($bytes !== false) {
                    $css .=
                        "@font-face { font-family: {$family}; font-weight: {$weight}; {$range} src: url(data:font/woff2;base64," .
                        base64_encode($bytes) .
                        ") format('woff2'); }\n";
                }
            }
        }

        return $css;
    }
}
