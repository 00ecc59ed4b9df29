<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use ChiralexRender\Markup;
use ChiralexRender\Words;

/**
 * What a doubted lot asks for: the bags to open in the shop, the kits that have left it, and a slip for each bag,
 * in the language of its builder.
 *
 * @phpstan-type ConcernedBag array{kit: string, revision: int, serial: string, bag: string, places: list<string>, value: string, quantity: int, order: string, there: bool, sure: bool}
 */
final readonly class LotSlip
{
    private const CSS = <<<'CSS'

        .slips { display: grid; grid-template-columns: 1fr 1fr; }
        .slips article { border: 0.2mm dashed #5a6467; padding: 4mm; break-inside: avoid; }
        .slips h3 { margin: 0 0 2mm; font-size: 12pt; }
        .slips p { margin: 0 0 2mm; }
        .apart { break-before: page; }
        CSS;
    private Words $english;

    /** @param array<int, Words> $words of the builders of each revision */
    public function __construct(private array $words)
    {
        $this->english = Words::in('en');
    }

    /** @param array{title: string, name: string, note: string, bags: list<ConcernedBag>} $lot */
    public function of(array $lot, string $paper, string $fonts): string
    {
        $here = array_values(array_filter($lot['bags'], static fn(array $bag): bool => $bag['there']));
        $gone = array_values(array_filter($lot['bags'], static fn(array $bag): bool => !$bag['there']));
        $title = $this->said($lot['name'] === '' ? 'print.lot-unnamed' : 'print.lot', [
            'lot' => $lot['name'],
            'part' => $lot['title'],
        ]);
        $note = $lot['note'] === '' ? '' : '<p>' . Markup::text($lot['note']) . '</p>';
        $empty = $lot['bags'] === [] ? "<p>{$this->said('print.lot-none')}</p>" : '';

        return PrintPage::html(
            $title,
            $fonts . "\n" . PrintCss::of('slip', $paper, html_entity_decode($title)) . self::CSS,
            "<h1>{$title}</h1>{$note}{$empty}" .
                $this->table('print.lot-open', $here) .
                $this->table('print.lot-write', $gone) .
                $this->slips('print.lot-slips-here', $here) .
                $this->slips('print.lot-slips-gone', $gone),
        );
    }

    /** @param list<ConcernedBag> $bags */
    private function table(string $head, array $bags): string
    {
        if ($bags === []) {
            return '';
        }
        $rows = array_map(
            fn(array $bag): string => '<tr><td><span class="tick"></span></td><td class="m">' .
                Markup::text($bag['serial']) .
                '</td><td class="m">' .
                Markup::text($bag['bag']) .
                "</td><td class=\"num\">{$bag['quantity']}</td><td class=\"refs\">" .
                Markup::text(implode(' ', $bag['places'])) .
                '</td><td>' .
                Markup::text($bag['order']) .
                '</td><td class="quiet">' .
                ($bag['sure'] ? '' : $this->said('print.lot-perhaps')) .
                '</td></tr>',
            $bags,
        );
        $heads = array_map(fn(string $code): string => "<th>{$this->said($code)}</th>", [
            'print.serial',
            'print.lot-bag',
            'print.count',
            'print.lot-places',
            'print.lot-order',
        ]);

        return "<h2>{$this->said($head, ['count' => (string) count($bags)])}</h2><table><thead><tr><th></th>" .
            implode('', $heads) .
            '<th></th></tr></thead><tbody>' .
            implode('', $rows) .
            '</tbody></table>';
    }

    /** @param list<ConcernedBag> $bags */
    private function slips(string $head, array $bags): string
    {
        $slips = array_map(function (array $bag): string {
            $words = $this->words[$bag['revision']] ?? $this->english;
            $say = static fn(string $code): string => Markup::text(
                $words->sentence($code, [
                    'bag' => $bag['bag'],
                    'places' => implode(', ', $bag['places']),
                    'value' => $bag['value'],
                    'serial' => $bag['serial'],
                ]),
            );

            return '<article lang="' .
                Markup::text($words->language) .
                '"><h3>' .
                Markup::text($bag['kit']) .
                ' <span class="m">' .
                Markup::text($bag['serial']) .
                "</span></h3><p>{$say('print.lot-look')}</p><p>{$say('print.lot-else')}</p></article>";
        }, $bags);

        return $slips === []
            ? ''
            : "<h2 class=\"apart\">{$this->said($head)}</h2><div class=\"slips\">" . implode('', $slips) . '</div>';
    }

    /** @param array<string, string> $args */
    private function said(string $code, array $args = []): string
    {
        return Markup::text($this->english->sentence($code, $args));
    }
}
