<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Markup;
use ChiralexRender\Text\CalloutText;
use ChiralexRender\Words;

/**
 * Every callout of a kit on its own, in step order, with the place as the builder holds the board: to hang over the bench.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 */
final readonly class CalloutSheet
{
    /**
     * @param ManualShape $manual
     * @param array{steps: array<int, string>, callouts: array<string, string>} $pictures
     */
    public static function of(array $manual, array $pictures, string $fonts): string
    {
        $words = Words::in($manual['language'] ?? 'en', $manual['units'] ?? 'mm');
        $html = '';
        foreach ($manual['steps'] as $step) {
            $callouts = '';
            foreach ($step['callouts'] as $callout) {
                $key = "{$step['number']}:{$callout['designator']}";
                $callouts .=
                    '<div class="callout"><div>' .
                    ($pictures['callouts'][$key] ?? '') .
                    ($pictures['callouts']["{$key}:2"] ?? '') .
                    '</div>' .
                    CalloutText::html($callout) .
                    '</div>';
            }
            $html .=
                $callouts === ''
                    ? ''
                    : '<h3>' .
                        $step['number'] .
                        '. ' .
                        Markup::text($step['title']) .
                        "</h3><div class=\"callouts\">{$callouts}</div>";
        }
        $foot = $words->sentence('page.foot', ['kit' => $manual['kit'], 'revision' => $manual['revision']]);
        $title = Markup::text("{$foot}: {$words->sentence('sheet.callouts')}");

        return PrintPage::html(
            $title,
            "{$fonts}\n" . PrintCss::of('manual', $manual['paper'], $foot) . '.callouts { margin: 1mm 0 5mm; }',
            "<h1>{$title}</h1>{$html}",
            $words->language,
            $manual['colour'] ?? true ? '' : 'bw',
        );
    }
}
