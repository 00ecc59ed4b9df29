<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use Chiralex\Bom\Designators;
use ChiralexRender\Document\BagsDocument;
use ChiralexRender\Markup;
use ChiralexRender\Svg\MarkingSvg;
use ChiralexRender\Svg\Num;
use ChiralexRender\Words;

/**
 * A label for each bag on a sheet of labels, kit after kit, with what the builder sees of every line: bands with letters, or the part as
 * it looks. What lies in the box has none; what is too much for one label goes on on the next.
 *
 * @phpstan-import-type Bags from BagsDocument
 * @phpstan-import-type BagShape from BagsDocument
 * @phpstan-import-type Item from BagsDocument
 */
final readonly class BagLabels
{
    /** Millimetres of a label's head, of the code beside it, of one line. */
    private const HEAD = 18.0;
    private const CODE = 25.0;
    private const LINE = 4.9;
    /** Width of a label, millimetres, below which the kind of each part is left to the title. */
    private const NARROW = 80.0;
    /** Picture of a part, millimetres. */
    private const PICTURE = ['width' => 15.0, 'height' => 4.4];
    private const CSS = <<<'CSS'
        * { box-sizing: border-box; }
        body { margin: 0; font: 8pt/1.2 Next, "Liberation Sans", sans-serif; color: #1f282b; font-variant-numeric: tabular-nums; }
        main { margin: 0; }
        h2 { margin: 0; font-size: 10.5pt; line-height: 1.1; }
        h2 b { font: 800 17pt Mono, monospace; margin-right: 2mm; }
        p { margin: 0.4mm 0; }
        .warn { font-weight: 700; }
        .quiet { color: #5a6467; }
        .qr { float: right; width: 24mm; text-align: center; font-size: 6pt; margin: 0 0 1mm 2mm; }
        .qr svg { width: 18mm; height: 18mm; display: block; margin: 0 auto; }
        .letters { display: block; font: 6pt/1.1 Mono, monospace; overflow-wrap: anywhere; }
        ul { list-style: none; margin: 0; padding: 0; clear: both; }
        li { display: grid; grid-template-columns: 6mm minmax(0, 1fr) auto; gap: 1.2mm; height: 4.9mm; }
        li { align-items: center; border-top: 0.15mm solid #dad3c3; white-space: nowrap; overflow: hidden; }
        li b { font-family: Mono, monospace; text-align: right; }
        li span { overflow: hidden; text-overflow: ellipsis; }
        .refs { font: 600 7.5pt Mono, monospace; }
        .code { border: 0.25mm solid #5a6467; border-radius: 2mm; padding: 0 1.2mm; font: 600 7.5pt Mono, monospace; }
        li svg { display: block; height: 4.4mm; width: auto; max-width: 15mm; }
        CSS;

    private MarkingSvg $marking;

    /** @param array<array-key, array{svg: string, width: float, height: float}> $pictures designator to its drawing, millimetres */
    public function __construct(
        private string $kit,
        private string $revision,
        private LabelGrid $grid,
        private string $shop,
        private string $fonts,
        private Words $words,
        private array $pictures,
    ) {
        $this->marking = new MarkingSvg();
    }

    /**
     * @param Bags $bags
     * @param ?PageCode $code of the builder's page; null before release, and until customers can reach it
     * @param int<1, max> $kits sets of labels, one kit after the other
     */
    public function of(array $bags, ?PageCode $code, int $kits): string
    {
        $set = [];
        foreach ($bags['bags'] as $bag) {
            if ($bag['size'] !== 'box') {
                array_push($set, ...$this->bag($bag, $code));
            }
        }
        $title = $this->said('print.bag-labels');

        return PrintPage::html(
            "{$title} {$this->revised()}",
            "{$this->fonts}\n" . $this->grid->css() . self::CSS,
            $this->grid->html(array_merge(...array_fill(0, $kits, $set))),
            $this->words->language,
        );
    }

    /**
     * @param BagShape $bag
     * @return list<string>
     */
    private function bag(array $bag, ?PageCode $code): array
    {
        $warns = array_values(array_filter([$bag['esd'] ? 'print.esd' : '', $bag['cushioned'] ? 'print.fragile' : '']));
        $head = ($code === null ? self::HEAD : max(self::HEAD, self::CODE)) + 4.0 * count($warns);
        $pages = array_chunk($bag['items'], $this->grid->lines($head, self::LINE));
        $labels = [];
        foreach ($pages as $at => $items) {
            $more =
                count($pages) > 1
                    ? ', ' . $this->said('print.label-of', ['at' => $at + 1, 'all' => count($pages)])
                    : '';
            $labels[] =
                ($code?->html($this->said('print.build-it')) ?? '') .
                '<h2><b>' .
                Markup::text($bag['name']) .
                '</b>' .
                Markup::text($bag['title']) .
                "</h2><p class=\"quiet\">{$this->revised()}{$more}{$this->from()}</p>" .
                implode(
                    '',
                    array_map(fn(string $warn): string => "<p class=\"warn\">{$this->said($warn)}</p>", $warns),
                ) .
                '<ul>' .
                implode('', array_map($this->line(...), $items)) .
                '</ul>';
        }

        return $labels;
    }

    /** @param Item $item */
    private function line(array $item): string
    {
        $names = Designators::isNamed($item['designators'][0]) ? implode(' ', $item['designators']) : '';

        return "<li><b>{$item['quantity']}</b><span>" .
            Markup::text(implode(', ', $this->called($item))) .
            ' <span class="refs">' .
            Markup::text($names) .
            '</span></span>' .
            $this->seen($item) .
            '</li>';
    }

    /**
     * Value and length; the kind too where there is room for it, or nothing else to say.
     *
     * @param Item $item
     * @return list<string>
     */
    private function called(array $item): array
    {
        $said = array_filter(
            [$item['value'], $item['length'] === null ? '' : Num::of($item['length']) . ' mm'],
            static fn(string $text): bool => $text !== '',
        );

        return array_values($said === [] || $this->grid->width >= self::NARROW ? [...$said, $item['kindName']] : $said);
    }

    /** @param Item $item */
    private function seen(array $item): string
    {
        if ($item['marking'] !== null) {
            return $this->marking->of($item['marking']);
        }
        $picture = $this->pictures[$item['designators'][0]] ?? null;
        if ($picture === null) {
            return '';
        }
        $scale = min(self::PICTURE['width'] / $picture['width'], self::PICTURE['height'] / $picture['height'], 1.0);

        return str_replace(
            '<svg ',
            sprintf(
                '<svg style="width:%smm;height:%smm" ',
                Num::of($picture['width'] * $scale),
                Num::of($picture['height'] * $scale),
            ),
            $picture['svg'],
        );
    }

    private function from(): string
    {
        return $this->shop === '' ? '' : '<br>' . Markup::text($this->shop);
    }

    private function revised(): string
    {
        return $this->said('print.revision', ['kit' => $this->kit, 'revision' => $this->revision]);
    }

    /** @param array<string, string|int> $arguments */
    private function said(string $code, array $arguments = []): string
    {
        return Markup::text($this->words->sentence($code, $arguments));
    }
}
