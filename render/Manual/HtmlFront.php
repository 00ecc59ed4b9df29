<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use Chiralex\Bom\Designators;
use Chiralex\Part\Kind;
use ChiralexRender\Document\BagsDocument;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Markup;
use ChiralexRender\Print\PageCode;
use ChiralexRender\Print\PageMark;
use ChiralexRender\Svg\MarkingSvg;
use ChiralexRender\Svg\Num;
use ChiralexRender\Text\TimeText;
use ChiralexRender\Words;

/**
 * What stands before the steps of the printed manual.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 * @phpstan-import-type Item from BagsDocument
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

    /**
     * @param array<string, string> $sections id to title
     * @param array<int, string> $steps number to title
     */
    public function list(array $sections, array $steps): string
    {
        $items = '';
        foreach ($sections as $id => $title) {
            $items .= self::entry($id, '', $title, 'chapter');
            foreach ($id === 'build' ? $steps : [] as $number => $name) {
                $items .= self::entry("step-{$number}", (string) $number, $name, '');
            }
        }

        return "<nav aria-label=\"{$this->said('page.contents')}\"><ol class=\"toc\">{$items}</ol></nav>";
    }

    private static function entry(string $id, string $number, string $title, string $class): string
    {
        return "<li class=\"{$class}\"><a href=\"#{$id}\"><span class=\"n\">{$number}</span><span>" .
            Markup::text($title) .
            '</span>' .
            PageMark::of($id) .
            '</a></li>';
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

    /**
     * Bag by bag to tick, with what the builder sees on each part and whether it has a direction.
     *
     * @param ManualShape $document
     */
    public function contents(array $document): string
    {
        $directions = [];
        foreach ($document['identification'] as $row) {
            $directions[$row['designators'][0]] = $row['direction'];
        }
        $rows = '';
        foreach ($document['bags']['bags'] as $bag) {
            $title = $this->words->sentence('page.bag', ['bag' => $bag['name'], 'title' => $bag['title']]);
            $rows .= '<tbody><tr class="bag"><th colspan="7">' . Markup::text($title) . '</th></tr>';
            foreach ($bag['items'] as $item) {
                $rows .= $this->row($item, $directions[$item['designators'][0]] ?? '');
            }
            $rows .= '</tbody>';
        }
        $heads = implode(
            '',
            array_map(fn(string $code): string => "<th>{$this->said($code)}</th>", [
                'page.count',
                'page.place',
                'page.value',
                'page.what',
                'page.marking',
                'page.direction',
            ]),
        );
        $brought = implode(
            ' · ',
            array_map(
                static fn(array $part): string => "{$part['designator']}: {$part['value']}, {$part['kindName']}",
                $document['bags']['brought'],
            ),
        );

        return "<p>{$this->said(
            'page.check-bags',
        )}</p><table class=\"list\"><thead><tr><th></th>{$heads}</tr></thead>{$rows}</table>" .
            ($brought === '' ? '' : "<p><b>{$this->said('page.you-bring')}</b> " . Markup::text($brought) . '</p>') .
            $this->pads($document);
    }

    /** @param Item $item */
    private function row(array $item, string $direction): string
    {
        $length =
            $item['length'] === null
                ? ''
                : ', ' . $this->words->lengths->of(Num::of($item['length']), $this->words->point());
        $names = Designators::isNamed($item['designators'][0]) ? implode(' ', $item['designators']) : '';

        return '<tr><td><span class="tick"></span></td><td class="num">' .
            $item['quantity'] .
            '</td><td class="refs">' .
            Markup::text($names) .
            '</td><td>' .
            Markup::text($item['value'] . $length) .
            '</td><td>' .
            Markup::text($item['kindName']) .
            '</td><td>' .
            $this->marking->of($item['marking']) .
            '</td><td>' .
            Markup::text($direction) .
            '</td></tr>';
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

    /**
     * What a square pad means on each board.
     *
     * @param ManualShape $document
     */
    private function pads(array $document): string
    {
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

        return $pads;
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
