<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use ChiralexRender\Document\PowerDocument;
use ChiralexRender\Markup;
use ChiralexRender\Words;

/**
 * One picture a side of what must point where before power comes, with a box to tick for each direction.
 *
 * @phpstan-import-type PowerShape from PowerDocument
 */
final readonly class HtmlPower
{
    public function __construct(private Words $words) {}

    /**
     * @param PowerShape $power
     * @param array<string, string> $pictures SVG by board and side
     */
    public function of(array $power, array $pictures): string
    {
        $html = '';
        foreach ($power['sides'] as $side) {
            $ticks = implode(
                '',
                array_map(
                    static fn(array $tick): string => '<li><span class="tick"></span> <b class="m">' .
                        Markup::text($tick['designator']) .
                        '</b> ' .
                        Markup::text($tick['text']) .
                        '</li>',
                    $side['ticks'],
                ),
            );
            $seen = $pictures[$side['key']] ?? '';
            $html .= "<div class=\"grid\"><div class=\"seen\">{$seen}</div><ul class=\"ticks\">{$ticks}</ul></div>";
        }

        return $html === ''
            ? ''
            : '<section class="step power" id="before-power"><h3><span class="no">!</span><span class="title">' .
                    Markup::text($this->words->sentence('page.before-power')) .
                    '</span></h3><p>' .
                    Markup::text($this->words->sentence('page.before-power-how')) .
                    "</p>{$html}</section>";
    }
}
