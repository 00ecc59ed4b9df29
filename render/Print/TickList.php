<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use Chiralex\Bom\Designators;
use Chiralex\Marking\Colour;
use ChiralexRender\Document\BagsDocument;
use ChiralexRender\Markup;
use ChiralexRender\Svg\MarkingSvg;
use ChiralexRender\Svg\Num;
use ChiralexRender\Words;

/**
 * What is in the box, bag by bag, to be ticked by packer and builder; and what is not in it, on purpose. One page for most kits.
 *
 * @phpstan-import-type Bags from BagsDocument
 * @phpstan-import-type Item from BagsDocument
 */
final readonly class TickList
{
    /** Two columns of small type: a kit of sixty parts stands on one page. */
    private const CSS = <<<'CSS'

        @page { margin: 12mm; }
        body { font-size: 8.5pt; line-height: 1.2; }
        h1 { font-size: 14pt; margin: 0 0 2mm; }
        h2 { font-size: 10pt; margin: 0 0 0.6mm; }
        .bags { columns: 2; column-gap: 7mm; }
        section { break-inside: avoid; margin-bottom: 2.4mm; }
        td { padding: 0.5mm 1mm; }
        .list { table-layout: auto; }
        .list td:last-child { width: auto; text-align: right; }
        .tick { width: 3.2mm; height: 3.2mm; }
        CSS;

    private MarkingSvg $marking;

    public function __construct(
        private string $kit,
        private string $revision,
        private string $paper,
        private string $fonts,
        private Words $words,
    ) {
        $this->marking = new MarkingSvg();
    }

    /** @param Bags $bags */
    public function of(array $bags): string
    {
        $html = '';
        foreach ($bags['bags'] as $bag) {
            $rows = implode(
                '',
                array_map(
                    fn(array $item): string => '<tr><td><span class="tick"></span></td><td class="num">' .
                        $item['quantity'] .
                        '</td><td class="refs">' .
                        Markup::text($this->names($item)) .
                        '</td><td>' .
                        Markup::text(
                            $item['value'] . ($item['length'] === null ? '' : ', ' . Num::of($item['length']) . ' mm'),
                        ) .
                        '</td><td>' .
                        Markup::text($item['kindName']) .
                        '</td><td>' .
                        $this->marking->of($item['marking']) .
                        '</td></tr>',
                    $bag['items'],
                ),
            );
            $html .=
                '<section><h2>' .
                $this->said('print.bag', ['bag' => $bag['name'], 'title' => $bag['title']]) .
                ' <span class="quiet">' .
                ($bag['size'] === 'box' ? $this->said('print.in-box') : Markup::text("{$bag['size']} mm")) .
                ($bag['esd'] ? ", {$this->said('print.shielding')}" : '') .
                "</span></h2><table class=\"list\">{$rows}</table></section>";
        }
        if ($bags['cuts'] !== []) {
            $html .=
                $this->told('h2', 'print.to-cut') .
                '<table>' .
                implode(
                    '',
                    array_map(
                        static fn(array $cut): string => '<tr><td><span class="tick"></span></td><td class="num">' .
                            $cut['pieces'] .
                            '</td><td>' .
                            Markup::text($cut['what']) .
                            '</td><td class="num">' .
                            Num::of($cut['length']) .
                            ' mm</td><td class="refs">' .
                            Markup::text(implode(' ', $cut['names'])) .
                            '</td></tr>',
                        $bags['cuts'],
                    ),
                ) .
                '</table>';
        }

        $brought = array_map(
            static fn(array $each): string => Markup::text(trim("{$each['value']}, {$each['kindName']}", ', ')),
            $bags['brought'],
        );
        $html .=
            $brought === []
                ? ''
                : "<section>{$this->told('h2', 'print.not-in')}<p>" . implode('; ', $brought) . '</p></section>';
        $of = $this->words->sentence('print.revision', ['kit' => $this->kit, 'revision' => $this->revision]);

        return PrintPage::html(
            "{$this->revised()}: {$this->said('print.tick-list')}",
            $this->fonts . "\n" . PrintCss::of('slip', $this->paper, $of) . self::CSS,
            "<h1>{$this->revised()}: {$this->said('print.tick-list')}</h1>{$this->letters(
                $bags,
            )}<div class=\"bags\">{$html}</div>",
            $this->words->language,
        );
    }

    /** @param Item $item */
    private function names(array $item): string
    {
        return !Designators::isNamed($item['designators'][0]) ? '' : implode(' ', $item['designators']);
    }

    /**
     * Each colour of a band that is printed here with its letters, once.
     *
     * @param Bags $bags
     */
    private function letters(array $bags): string
    {
        $bands = [];
        foreach ($bags['bags'] as $bag) {
            foreach ($bag['items'] as $item) {
                $bands += array_fill_keys($item['marking']['bands'] ?? [], true);
            }
        }
        $letters = array_map(
            fn(string $band): string => (Colour::tryFrom($band)?->letters() ?? '') . ' ' . $this->words->colour($band),
            array_keys($bands),
        );
        sort($letters);

        return $letters === []
            ? ''
            : '<p class="quiet">' . $this->said('print.bands', ['letters' => implode(', ', $letters)]) . '</p>';
    }

    /** @param array<string, string|int> $args */
    private function said(string $code, array $args = []): string
    {
        return Markup::text($this->words->sentence($code, $args));
    }

    private function told(string $tag, string $code): string
    {
        return "<{$tag}>{$this->said($code)}</" . strtok($tag, ' ') . '>';
    }

    private function revised(): string
    {
        return $this->said('print.revision', ['kit' => $this->kit, 'revision' => $this->revision]);
    }
}
