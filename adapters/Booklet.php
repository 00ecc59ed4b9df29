<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use setasign\Fpdi\Fpdi;
use setasign\Fpdi\PdfParser\StreamReader;
use Throwable;

/**
 * Pages of half a sheet set side by side, to be printed on both sides, turned at the short edge, and folded: on each side of a sheet
 * the numbers of the two pages add up to one more than all pages.
 */
final readonly class Booklet
{
    /**
     * The pages on each side of each sheet, left and right; 0 is an empty page at the end.
     *
     * @param positive-int $pages
     * @return non-empty-list<array{int, int}>
     */
    public static function order(int $pages): array
    {
        $all = 4 * (int) ceil($pages / 4);
        $sides = [];
        for ($low = 1, $high = $all; $low < $high; ++$low, --$high) {
            $pair = $low % 2 === 1 ? [$high, $low] : [$low, $high];
            $sides[] = array_map(static fn(int $page): int => $page > $pages ? 0 : $page, $pair);
        }

        /** @var non-empty-list<array{int, int}> $sides */
        return $sides;
    }

    /**
     * @param string $pdf pages of half a sheet
     * @return string the bytes of the PDF
     * @throws UnusableProgram when the PDF cannot be read
     */
    public static function of(string $pdf): string
    {
        try {
            $out = new Fpdi('L', 'mm');
            $count = $out->setSourceFile(StreamReader::createByString($pdf));
            $pages = array_map($out->importPage(...), range(1, max(1, $count)));
            /** @var array{width: float|int, height: float|int} $size in millimetres */
            $size = $out->getTemplateSize($pages[0]);
            [$width, $height] = [$size['width'], $size['height']];
            foreach (self::order(max(1, $count)) as $side) {
                $out->AddPage('L', [2 * $width, $height]);
                foreach ($side as $place => $page) {
                    if ($page > 0) {
                        $out->useTemplate($pages[$page - 1], $place * $width, 0, $width, $height);
                    }
                }
            }

            /** @var string $bytes of a document that goes nowhere else */
            $bytes = $out->Output('S');

            return $bytes;
        } catch (Throwable $fault) {
            throw UnusableProgram::failed('booklet', $fault->getMessage());
        }
    }
}
