<?php

declare(strict_types=1);

namespace ChiralexAdapters\Circuit;

use Chiralex\Board\Files\FileRole;
use Chiralex\Board\Files\RoleFinder;
use ChiralexAdapters\UnusableFile;

/**
 * The circuit drawings of a kit, safe to show, with every designator marked where it stands.
 *
 * @phpstan-type Drawing array{file: string, pages: list<string>, names: list<string>, fault: string}
 */
final readonly class CircuitDrawings
{
    /** Of one kit. */
    public const MOST = 6;

    /**
     * @param array<string, string> $files of a kit, name to bytes
     * @param array<string, string> $said file to role, as the maker says
     * @param list<string> $designators
     * @return list<Drawing> pages as SVG; why one cannot be shown
     */
    public function of(array $files, array $said, array $designators): array
    {
        $roles = new RoleFinder($said);
        $drawings = [];
        foreach ($files as $name => $bytes) {
            if (self::isDrawing($name) && $roles->of($name, $bytes)->role === FileRole::Drawing) {
                $drawings[] = $this->drawing($name, $bytes, array_flip($designators));
            }
        }

        return array_slice($drawings, 0, self::MOST);
    }

    public static function isDrawing(string $name): bool
    {
        return in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), ['svg', 'pdf'], true);
    }

    /**
     * @param array<string, int> $known designators
     * @return Drawing
     */
    private function drawing(string $name, string $bytes, array $known): array
    {
        try {
            $pages = str_starts_with(ltrim($bytes), '%PDF')
                ? (new PdfDrawing())->pages($name, $bytes)
                : [(new SvgDrawing())->page($name, $bytes)];
        } catch (UnusableFile $fault) {
            return ['file' => $name, 'pages' => [], 'names' => [], 'fault' => $fault->getMessage()];
        }
        $names = [];
        $drawn = array_map(static function (DrawnPage $page) use ($known, &$names, $name): string {
            $marks = '';
            foreach ($page->words as [$text, $left, $top, $width, $height]) {
                $part = trim($text, " \t,;:.()");
                if (isset($known[$part])) {
                    $names[$part] = true;
                    $marks .= sprintf(
                        '<rect data-ref="%s" x="%s" y="%s" width="%s" height="%s" fill="transparent"/>',
                        htmlspecialchars($part, ENT_QUOTES | ENT_XML1),
                        round($left - 1, 2),
                        round($top - 1, 2),
                        round($width + 2, 2),
                        round($height + 2, 2),
                    );
                }
            }
            $inner = (string) preg_replace_callback(
                '~ data-word="([^"]*)"~',
                static function (array $found) use ($known, &$names): string {
                    $names += isset($known[$found[1]]) ? [$found[1] => true] : [];

                    return isset($known[$found[1]]) ? " data-ref=\"{$found[1]}\"" : '';
                },
                $page->drawing,
            );

            return sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s" role="img" aria-label="%s">%s%s</svg>',
                implode(' ', array_map(static fn(float $each): string => (string) round($each, 3), $page->box)),
                htmlspecialchars("Circuit drawing {$name}", ENT_QUOTES | ENT_XML1),
                $inner,
                $marks,
            );
        }, $pages);
        $named = array_map(strval(...), array_keys($names));
        sort($named, SORT_NATURAL);

        return ['file' => $name, 'pages' => $drawn, 'names' => $named, 'fault' => ''];
    }
}
