<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

/** The style sheets of printed pages. */
final readonly class PrintCss
{
    /**
     * @param 'manual'|'buyer'|'slip' $sheet
     * @param bool $half pages of half the paper, two of which are printed beside each other
     */
    public static function of(string $sheet, string $paper, string $foot, bool $half = false): string
    {
        return strtr(file_get_contents(__DIR__ . "/{$sheet}.css") . file_get_contents(__DIR__ . '/board.css'), [
            '{paper}' => match (true) {
                $half => $paper === 'Letter' ? '5.5in 8.5in' : 'A5',
                default => $paper === 'Letter' ? 'letter' : 'A4',
            },
            '{margin}' => $half ? '10mm 10mm 12mm' : '13mm 14mm 15mm',
            '{foot}' => str_replace('<', '\\3C ', addcslashes($foot, "\"\\\n")),
        ]);
    }
}
