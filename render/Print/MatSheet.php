<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use Chiralex\Bagging\BagPlan;
use Chiralex\Bagging\MatCell;
use Chiralex\Bagging\SortingMat;
use Chiralex\Kit\Kit;
use ChiralexRender\Markup;
use ChiralexRender\Svg\CheckBar;
use ChiralexRender\Svg\MatCellSvg;
use ChiralexRender\Svg\Num;
use ChiralexRender\Words;

/** The sorting mat at 1:1: bag by bag a place for every part, drawn at its size, and bars to check the scale on every sheet. */
final readonly class MatSheet
{
    private const HEAD = 7.0;
    private const TITLE = 16.0;
    private const FOOT = 16.0;
    private const GAP = 1.5;

    public function __construct(private Words $words) {}

    public function of(Kit $kit, BagPlan $plan, string $paper, string $fonts): string
    {
        $sheet = Paper::named($paper);
        $titles = [];
        foreach ($plan->bags as $bag) {
            $titles[$bag->name] = $this->words->sentence('page.bag', [
                'bag' => $bag->name,
                'title' => $this->words->of($bag->title),
            ]);
        }
        $pages = $this->pages(SortingMat::cells($plan), $titles, $sheet);
        $title = Markup::text("{$kit->head->name}, {$kit->head->revision}: {$this->words->sentence('sheet.mat')}");
        $html = '';
        foreach ($pages as $index => $drawn) {
            $head =
                $index === 0
                    ? sprintf(
                        '<text x="0" y="5" font-size="5" font-weight="700" class="words">%s</text><text x="0" y="11" font-size="2.8" class="words">%s</text>',
                        $title,
                        Markup::text($this->words->sentence('sheet.mat-how')),
                    )
                    : '';
            $html .= sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" class="mat%s" width="%smm" height="%smm" viewBox="0 0 %2$s %3$s">%s%s%s</svg>',
                $index === 0 ? '' : ' next',
                Num::of($sheet->inside()),
                Num::of($sheet->insideHeight()),
                $head,
                $drawn,
                CheckBar::at(0.0, $sheet->insideHeight() - self::FOOT + 6),
            );
        }

        return PrintPage::html(
            $title,
            "{$fonts}\n{$sheet->css()}.words { font-family: Next, sans-serif; }",
            $html,
            $this->words->language,
        );
    }

    /**
     * Rows of places from left to right, a new row for each bag, a new sheet when one is full.
     *
     * @param list<MatCell> $cells
     * @param array<string, string> $titles by bag
     * @return list<string> SVG of each sheet
     */
    private function pages(array $cells, array $titles, Paper $paper): array
    {
        $draw = new MatCellSvg($this->words);
        $pages = [''];
        $x = 0.0;
        $y = self::TITLE;
        $row = 0.0;
        $bag = null;
        $end = $paper->insideHeight() - self::FOOT;
        foreach ($cells as $cell) {
            [$width, $height] = $draw->size($cell);
            $new = $cell->bag !== $bag;
            if ($new || $x + $width > $paper->inside()) {
                $y += $row === 0.0 ? 0.0 : $row + self::GAP;
                [$x, $row] = [0.0, 0.0];
            }
            if ($y + ($new ? self::HEAD : 0.0) + $height > $end) {
                $pages[] = '';
                [$x, $y, $row] = [0.0, 0.0, 0.0];
            }
            if ($new) {
                $pages[count($pages) - 1] .= sprintf(
                    '<text x="0" y="%s" font-size="3.4" font-weight="700" class="words">%s</text>',
                    Num::of($y + 4.5),
                    Markup::text($titles[$cell->bag] ?? $cell->bag),
                );
                $y += self::HEAD;
                $bag = $cell->bag;
            }
            $pages[count($pages) - 1] .= $draw->cell($cell, $x, $y);
            $x += $width + self::GAP;
            $row = max($row, $height);
        }

        return $pages;
    }
}
