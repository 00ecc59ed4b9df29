<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use Chiralex\Bagging\Cutting\BarPattern;
use Chiralex\Bagging\Cutting\CutPieces;
use Chiralex\Bagging\Cutting\CuttingPlan;
use Chiralex\Bagging\Cutting\StockCuts;
use Chiralex\Kit\Kit;
use ChiralexRender\Markup;
use ChiralexRender\Svg\Num;
use ChiralexRender\Svg\RulerSvg;
use ChiralexRender\Words;

/** What is cut for a run of kits: each bar as it is cut, a box for each, and a ruler at true size. */
final readonly class CutPage
{
    private const CSS = <<<'CSS'

        table { border-collapse: collapse; width: 100%; margin: 2mm 0 5mm; }
        td, th { text-align: left; vertical-align: middle; padding: 1mm 2mm 1mm 0; border-bottom: 0.2mm solid #999; }
        td:first-child { white-space: nowrap; width: 24mm; }
        .stick { display: flex; border: 0.3mm solid #000; }
        .stick span { border-right: 0.3mm solid #000; padding: 0.6mm 1mm; overflow: hidden; white-space: nowrap; }
        .stick span:last-child { border-right: 0; }
        .stick .waste { background: repeating-linear-gradient(135deg, transparent 0 1mm, #bbb 1mm 1.3mm); }
        section { break-inside: avoid; }
        CSS;

    public function __construct(private Words $words) {}

    public function of(Kit $kit, CuttingPlan $plan, string $paper, string $fonts): string
    {
        $sheet = Paper::named($paper);
        $title = Markup::text(
            "{$kit->head->name} {$kit->head->revision}, {$this->words->sentence('sheet.cut', ['kits' => $plan->kits])}",
        );
        $html = "<h1>{$title}</h1>";
        foreach ($plan->stocks as $stock) {
            $html .= $this->stock($stock);
        }
        foreach ($plan->windings as $winding) {
            $html .=
                '<p>' .
                Markup::text(
                    $this->words->sentence('sheet.wind', [
                        'part' => $winding->part,
                        'mm' => round($winding->length(), 1),
                    ]),
                ) .
                '</p>';
        }
        $ruler = '<p>' . Markup::text($this->words->sentence('sheet.ruler')) . '</p>' . RulerSvg::of();

        return PrintPage::html(
            $title,
            "{$fonts}\n{$sheet->css()}" . self::CSS,
            $html .
                ($plan->stocks === [] && $plan->windings === []
                    ? '<p>' . Markup::text($this->words->sentence('sheet.nothing-cut')) . '</p>'
                    : $ruler),
            $this->words->language,
        );
    }

    private function stock(StockCuts $cuts): string
    {
        $unit = $this->words->sentence($cuts->stock->unit === 'mm' ? 'sheet.millimetres' : 'sheet.positions');
        $head = Markup::text(
            $this->words->sentence('sheet.bars', [
                'bars' => $cuts->bars,
                'name' => $cuts->stock->name,
                'length' => Num::of($cuts->stock->length) . " {$unit}",
            ]),
        );
        $rows = implode('', array_map(fn(BarPattern $pattern): string => $this->row($pattern, $cuts), $cuts->patterns));
        $for = implode(
            '; ',
            array_map(
                static fn(CutPieces $each): string => Num::of($each->length) .
                    ": {$each->count} (" .
                    implode(', ', $each->of) .
                    ')',
                $cuts->pieces,
            ),
        );

        return "<section><h2>{$head}</h2><p>" .
            Markup::text("{$unit}: {$for}") .
            "</p><table>{$rows}</table></section>";
    }

    private function row(BarPattern $pattern, StockCuts $cuts): string
    {
        $pieces = '';
        foreach (array_count_values(array_map(strval(...), $pattern->pieces)) as $length => $count) {
            $pieces .= sprintf(
                '<span style="flex-grow: %s">%s%s</span>',
                Num::of($count * (float) $length),
                $count > 1 ? "{$count} &times; " : '',
                Num::of((float) $length),
            );
        }
        $waste =
            $pattern->waste > 0.0
                ? sprintf(
                    '<span class="waste" style="flex-grow: %s">%s</span>',
                    Num::of($pattern->waste),
                    Num::of($pattern->waste),
                )
                : '';

        return "<tr><td>\u{25A1} {$pattern->times} &times;</td><td><div class=\"stick\">{$pieces}{$waste}</div></td></tr>";
    }
}
