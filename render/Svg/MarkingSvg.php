<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Marking\Colour;
use ChiralexRender\Markup;

/** A part's marking drawn for print: bands with letters, which carry it without colour, or the print on the body. */
final readonly class MarkingSvg
{
    /** @param ?array{type: string, bands: list<string>, text: string} $marking */
    public function of(?array $marking): string
    {
        return match ($marking['type'] ?? '') {
            'bands' => $this->bands($marking['bands']),
            'band' => $this->band(str_starts_with($marking['text'], 'dark')),
            'code' => '<span class="code">' . Markup::text($marking['text']) . '</span>',
            default => '',
        };
    }

    private function band(bool $glass): string
    {
        return sprintf(
            '<svg viewBox="0 0 66 14" width="66" height="14" aria-hidden="true"><path d="M0 7h66" stroke="#8d9392" stroke-width="1.4"/><rect x="17" y="1" width="32" height="12" rx="3" fill="%s"/><rect x="20" y="1" width="5" height="12" fill="%s"/></svg>',
            $glass ? '#C46A3A' : '#26292C',
            $glass ? '#161616' : '#C9CCCB',
        );
    }

    /** @param list<string> $bands */
    private function bands(array $bands): string
    {
        $svg =
            '<svg viewBox="0 0 66 24" width="66" height="24" aria-hidden="true"><path d="M0 7h66" stroke="#8d9392" stroke-width="1.4"/><rect x="7" y="0.5" width="52" height="13" rx="4" fill="#D8C29A"/>';
        $count = count($bands);
        foreach ($bands as $index => $band) {
            $x = $index === $count - 1 && $count > 2 ? 51 : 11 + $index * ($count > 4 ? 8 : 11);
            $colour = Colour::tryFrom($band);
            $svg .= sprintf(
                '<rect x="%d" y="0.5" width="4.5" height="13" fill="%s"/><text x="%s" y="22" font-size="6.5" text-anchor="middle">%s</text>',
                $x,
                $colour === null ? '#888' : Palette::band($colour),
                $x + 2.2,
                $colour?->letters() ?? '??',
            );
        }

        return $svg . '</svg>';
    }
}
