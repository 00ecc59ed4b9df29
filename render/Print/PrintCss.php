<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

/** The style sheets of printed pages. */
final readonly class PrintCss
{
    /** @param 'manual'|'buyer'|'labels'|'slip' $sheet */
    public static function of(string $sheet, string $paper, string $foot): string
    {
        return strtr((string) file_get_contents(__DIR__ . "/{$sheet}.css"), [
            '{paper}' => $paper === 'Letter' ? 'letter' : 'A4',
            '{foot}' => str_replace('<', '\\3C ', addcslashes($foot, "\"\\\n")),
        ]);
    }
}
