<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use Chiralex\Bom\Designators;
use Chiralex\Part\Kind;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Markup;
use ChiralexRender\Print\PageCode;
use ChiralexRender\Svg\MarkingSvg;
use ChiralexRender\Svg\Num;
use ChiralexRender\Text\TimeText;
use ChiralexRender\Words;

/**
 * What stands before the steps of the printed manual.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 */
final readonly class HtmlFront
{
    private MarkingSvg $marking;

    public function __construct(private Words $words)
    {
        $this->marking = new MarkingSvg();
    }

    /**
     * @param ManualShape $document
     * @param list<string> $boards SVG of each board with everything on it
     */
    public function head(array $document, ?PageCode $code, array $boards): string
    {
        $time = (new TimeText($this->words))->of($document);
        $subtitle = $this->words->sentence('page.subtitle', [
            'revision' => $document['revision'],
            'steps' => count($document['steps']),
            'joints' => $document['joints'],
            'time' => $time,
        ]);
        $choice = implode(
            '',
            array_map(
                static fn(array $option): string => " {$option['name']}: {$option['value']}.",
                $document['choice'],
            ),
        );
        $phone = $code?->html("<br>{$this->said('page.phone')}") ?? '';

        return '<div class="head"><div><h1>' .
            Markup::text($document['kit']) .
            '</h1><p class="quiet">' .
            Markup::text($subtitle . $choice) .
            "</p></div>{$phone}</div>" .
            ($boards === [] ? '' : '<div class="cover">' . implode('', $boards) . '</div>');
    }

    /** @param array<string, string> $sections id to title */
    public function list(array $sections): string
    {
        $items = implode(
            '',
            array_map(
                static fn(string $id, string $title): string => "<li><a href=\"#{$id}\">" .
                    Markup::text($title) .
                    '</a></li>',
                array_keys($sections),
                array_values($sections),
            ),
        );

        return "<nav aria-label=\"{$this->said('page.contents')}\"><ol class=\"toc\">{$items}</ol></nav>";
    }

    /** @param ManualShape $document */
    public function begin(array $document): string
    {
        return implode(
            '',
            array_map(
                fn(string $text): string => "<p class=\"caution\"><b>{$this->said('page.caution')}: </b>" .
                    Markup::text($text) .
                    '</p>',
                $document['cautions'],
            ),
        );
    }

    /** @param ManualShape $document */
    public function contents(array $document): string
    {
        $html = "<p>{$this->said('page.check-bags')}</p>";
        foreach ($document['bags']['bags'] as $bag) {
            $rows = '';
            foreach ($bag['items'] as $item) {
                $names = !Designators::isNamed($item['designators'][0]) ? '' : implode(' ', $item['designators']);
                $length =
                    $item['length'] === null
                        ? ''
                        : ', ' . $this->words->lengths->of(Num::of($item['length']), $this->words->point());
                $rows .=
                    '<tr><td><span class="tick"></span></td><td class="num">' .
                    $item['quantity'] .
                    '</td><td class="refs">' .
                    Markup::text($names) .
                    '</td><td>' .
                    Markup::text($item['value'] . $length) .
                    '</td><td>' .
                    Markup::text($item['kindName']) .
                    '</td><td>' .
                    $this->marking->of($item['marking']) .
                    '</td></tr>';
            }
            $html .=
                '<h3>' .
                Markup::text($this->words->sentence('page.bag', ['bag' => $bag['name'], 'title' => $bag['title']])) .
                "</h3><table class=\"list\">{$rows}</table>";
        }
        if ($document['bags']['brought'] !== []) {
            $html .=
                "<h3>{$this->said('page.you-bring')}</h3><ul>" .
                implode(
                    '',
                    array_map(
                        static fn(array $part): string => '<li>' .
                            Markup::text("{$part['designator']}: {$part['value']}, {$part['kindName']}") .
                            '</li>',
                        $document['bags']['brought'],
                    ),
                ) .
                '</ul>';
        }

        return $html;
    }

    /** @param ManualShape $document */
    public function tools(array $document): string
    {
        return '<ul class="columns">' .
            implode(
                '',
                array_map(
                    static fn(string $tool): string => '<li>' . Markup::text($tool) . '</li>',
                    $document['tools'],
                ),
            ) .
            '</ul>';
    }

    /** @param ManualShape $document */
    public function identification(array $document): string
    {
        $rows = '';
        foreach ($document['identification'] as $row) {
            $rows .=
                '<tr><td class="refs">' .
                Markup::text(implode(' ', $row['designators'])) .
                '</td><td class="num">' .
                $row['quantity'] .
                '</td><td>' .
                Markup::text($row['value']) .
                '</td><td>' .
                Markup::text($row['kindName']) .
                '</td><td>' .
                $this->marking->of($row['marking']) .
                '</td><td>' .
                Markup::text($row['direction']) .
                '</td><td>' .
                Markup::text($row['bag']) .
                '</td></tr>';
        }
        $pads = '';
        foreach ($document['squarePads'] as $board) {
            $said = array_map(
                fn(string $kind, string $meaning): string => $this->words->sentence('page.kind-of-pads', [
                    'kind' => $this->kind($kind),
                    'meaning' => $this->words->terminal($meaning),
                ]),
                array_keys($board['pads']),
                array_values($board['pads']),
            );
            $pads .=
                '<p>' .
                Markup::text(
                    $this->words->sentence('page.square-pad', [
                        'board' => $board['board'],
                        'pads' => implode('; ', $said),
                    ]),
                ) .
                (count(array_unique($board['pads'])) > 1 ? " {$this->said('page.square-pad-differs')}" : '') .
                '</p>';
        }

        return "<table><thead><tr><th>{$this->said(
            'page.place',
        )}</th><th class=\"num\">{$this->said('page.count')}</th><th>{$this->said('page.value')}</th><th>{$this->said('page.what')}</th><th>{$this->said('page.marking')}</th><th>{$this->said('page.direction')}</th><th>{$this->said('page.bag-column')}</th></tr></thead><tbody>{$rows}</tbody></table>{$pads}";
    }

    private function kind(string $kind): string
    {
        $known = Kind::tryFrom($kind);

        return $known === null ? $kind : $this->words->kind($known);
    }

    private function said(string $code): string
    {
        return Markup::text($this->words->sentence($code));
    }
}
