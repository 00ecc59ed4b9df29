<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use Closure;

/** Prints a page twice where it names its own pages: the first time tells where everything came to stand. */
final readonly class BookPdf
{
    public function __construct(private ChromiumPdf $chromium = new ChromiumPdf()) {}

    /**
     * @param Closure(string, array<string, int>): string $numbered puts the pages of each id into the places kept for them
     * @return string the bytes of the PDF
     * @throws UnusableProgram when Chromium or poppler is missing or fails
     */
    public function print(string $html, Closure $numbered): string
    {
        if ($numbered($html, []) === $html) {
            return $this->chromium->print($html);
        }
        $pages = self::pages($this->chromium->print(self::sketched($html)));

        return $this->chromium->print($numbered($html, $pages));
    }

    /** Drawings keep their size when nothing is drawn in them, and a book of empty frames is laid out at once. */
    private static function sketched(string $html): string
    {
        $pieces = explode('<svg', $html);
        foreach ($pieces as $index => $piece) {
            $from = $index === 0 ? false : strpos($piece, '>');
            $to = $from === false ? false : strpos($piece, '</svg>', $from);
            if ($from !== false && $to !== false) {
                $pieces[$index] = substr($piece, 0, $from + 1) . substr($piece, $to);
            }
        }

        return implode('<svg', $pieces);
    }

    /**
     * Where the named places of a PDF stand.
     *
     * @return array<string, int> page of each, from 1
     * @throws UnusableProgram
     */
    public static function pages(string $pdf): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'chiralex-book-');
        file_put_contents($path, $pdf);
        try {
            $said = Program::run(['pdfinfo', '-dests', $path]);
        } finally {
            unlink($path);
        }
        preg_match_all('~^\s*(\d+)\s+\[[^]]*]\s+"([^"]+)"~m', $said, $found);

        return array_combine($found[2], array_map(intval(...), $found[1]));
    }
}
