<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use Chiralex\Bagging\Packing\TapePitch;
use ChiralexRender\Markup;
use ChiralexRender\Svg\Num;
use ChiralexRender\Svg\RulerSvg;
use ChiralexRender\Svg\TapeRulerSvg;
use ChiralexRender\Words;

/** Parts on tape are counted by length: a ruler for each usual pitch, at true size. */
final readonly class TapeRuler
{
    public function __construct(private Words $words) {}

    public function of(string $paper, string $fonts): string
    {
        $title = $this->said('sheet.tape');
        $html = "<h1>{$title}</h1><p>{$this->said('sheet.tape-how')}</p>";
        foreach (TapePitch::ALL as $pitch) {
            $html .= "<section><h2>{$this->said('sheet.tape-pitch', ['pitch' => Num::of($pitch)])}</h2>";
            $html .= TapeRulerSvg::of($pitch) . '</section>';
        }

        return PrintPage::html(
            $title,
            "{$fonts}\n" .
                Paper::named($paper)->css() .
                'section { break-inside: avoid; margin: 0 0 9mm; } svg { margin: 1mm 0 0; }',
            "{$html}<p>{$this->said('sheet.ruler')}</p>" . RulerSvg::of(),
            $this->words->language,
        );
    }

    /** @param array<string, string|int|float> $arguments */
    private function said(string $code, array $arguments = []): string
    {
        return Markup::text($this->words->sentence($code, $arguments));
    }
}
