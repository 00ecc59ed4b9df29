<?php

declare(strict_types=1);

namespace ChiralexAdapters\Circuit;

use ChiralexAdapters\UnusableFile;

/** A PDF drawing as pictures of its pages with the places of its words kept apart; poppler reads it in a process of its own. */
final readonly class PdfDrawing
{
    private const MOST_PAGES = 4;
    /** Dots of the longer side. */
    private const SIDE = 1_800;
    private const SECONDS = 20;
    /** Kilobytes of memory of the reading process. */
    private const MEMORY = 1_500_000;

    /**
     * @return list<DrawnPage> the first pages
     * @throws UnusableFile when it is no PDF, damaged, locked or takes too long
     */
    public function pages(string $name, string $bytes): array
    {
        $folder = sys_get_temp_dir() . '/drawing-' . bin2hex(random_bytes(8));
        mkdir($folder, 0o700);
        try {
            file_put_contents("{$folder}/in.pdf", $bytes);
            $most = self::MOST_PAGES;
            $this->run($name, [
                'pdftoppm',
                '-png',
                '-l',
                "{$most}",
                '-scale-to',
                (string) self::SIDE,
                "{$folder}/in.pdf",
                "{$folder}/page",
            ]);
            $this->run($name, ['pdftotext', '-bbox', '-l', "{$most}", "{$folder}/in.pdf", "{$folder}/words.html"]);
            $pictures = glob("{$folder}/page-*.png") ?: [];
            sort($pictures, SORT_NATURAL);
            if ($pictures === []) {
                throw UnusableFile::badDrawing($name, 'it has no page');
            }
            $words = $this->words((string) file_get_contents("{$folder}/words.html"));

            return array_map(
                static function (string $picture, int $index) use ($words): DrawnPage {
                    [$width, $height, $texts] = $words[$index] ?? [1000.0, 700.0, []];

                    return new DrawnPage(
                        [0.0, 0.0, $width, $height],
                        sprintf(
                            '<image width="%s" height="%s" preserveAspectRatio="none" href="data:image/png;base64,%s"/>',
                            $width,
                            $height,
                            base64_encode((string) file_get_contents($picture)),
                        ),
                        $texts,
                    );
                },
                $pictures,
                array_keys($pictures),
            );
        } finally {
            array_map(unlink(...), glob("{$folder}/*") ?: []);
            rmdir($folder);
        }
    }

    /**
     * @param list<string> $command
     * @throws UnusableFile
     */
    private function run(string $name, array $command): void
    {
        $line = sprintf(
            'ulimit -v %d; exec timeout -k 1 %d %s >/dev/null 2>&1',
            self::MEMORY,
            self::SECONDS,
            implode(' ', array_map(escapeshellarg(...), $command)),
        );
        exec('sh -c ' . escapeshellarg($line), $out, $status);
        if ($status !== 0) {
            throw UnusableFile::badDrawing(
                $name,
                $status === 124 ? 'it takes too long to draw' : 'it is damaged or locked',
            );
        }
    }

    /** @return list<array{float, float, list<array{string, float, float, float, float}>}> width, height and words of each page */
    private function words(string $html): array
    {
        $pages = [];
        foreach (preg_split('~(?=<page )~', $html) ?: [] as $page) {
            if (preg_match('~^<page width="([\d.]+)" height="([\d.]+)"~', $page, $size) !== 1) {
                continue;
            }
            preg_match_all(
                '~<word xMin="([\d.-]+)" yMin="([\d.-]+)" xMax="([\d.-]+)" yMax="([\d.-]+)">([^<]*)</word>~',
                $page,
                $found,
                PREG_SET_ORDER,
            );
            $words = [];
            foreach (array_slice($found, 0, 5_000) as [, $left, $top, $right, $bottom, $text]) {
                $words[] = [
                    html_entity_decode($text, ENT_QUOTES | ENT_XML1),
                    (float) $left,
                    (float) $top,
                    (float) $right - (float) $left,
                    (float) $bottom - (float) $top,
                ];
            }
            $pages[] = [(float) $size[1], (float) $size[2], $words];
        }

        return $pages;
    }
}
