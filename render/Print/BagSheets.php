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
 * The printed pages of a bag plan: labels with the markings the builder will see, and the tick list.
 *
 * @phpstan-import-type Bags from BagsDocument
 * @phpstan-import-type Item from BagsDocument
 */
final readonly class BagSheets
{
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

    /**
     * @param Bags $bags
     * @param ?PageCode $code of the builder's page; null before release, and until customers can reach it
     */
    public function labels(array $bags, ?PageCode $code): string
    {
        $html = '';
        foreach ($bags['bags'] as $bag) {
            $items = implode(
                '',
                array_map(
                    fn(array $item): string => '<li><b>' .
                        $item['quantity'] .
                        '</b><span>' .
                        Markup::text(
                            $item['value'] .
                                ($item['length'] === null ? '' : ', ' . Num::of($item['length']) . ' mm') .
                                ', ' .
                                $item['kindName'],
                        ) .
                        ' <span class="refs">' .
                        Markup::text($this->names($item)) .
                        '</span></span>' .
                        $this->marking->of($item['marking']) .
                        '</li>',
                    $bag['items'],
                ),
            );
            $warn =
                ($bag['esd'] ? $this->told('p class="warn"', 'print.esd') : '') .
                ($bag['cushioned'] ? $this->told('p class="warn"', 'print.fragile') : '');
            $html .=
                '<section class="label"><h2><b>' .
                Markup::text($bag['name']) .
                '</b>' .
                Markup::text($bag['title']) .
                '</h2>' .
                ($code?->html($this->said('print.build-it')) ?? '') .
                '<p class="quiet">' .
                $this->revised() .
                "</p>{$warn}<ul>{$items}</ul></section>";
        }

        return $this->page('labels', 'print.bag-labels', "<div class=\"sheet\">{$html}</div>" . $this->letters($bags));
    }

    /** @param Bags $bags */
    public function tickList(array $bags): string
    {
        $html = "<h1>{$this->revised()}: {$this->said('print.tick-list')}</h1>{$this->letters($bags)}";
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
                '<h2>' .
                $this->said('print.bag', ['bag' => $bag['name'], 'title' => $bag['title']]) .
                ' <span class="quiet">' .
                ($bag['size'] === 'box' ? $this->said('print.in-box') : Markup::text("{$bag['size']} mm")) .
                ($bag['esd'] ? ", {$this->said('print.shielding')}" : '') .
                "</span></h2><table class=\"list\">{$rows}</table>";
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

        return $this->page('slip', 'print.tick-list', $html);
    }

    /**
     * One label for each packed kit: its serial number for people, the QR code of its own page.
     *
     * @param list<array{serial: string, code: ?PageCode, pack: int}> $units
     */
    public function kitLabels(array $units, int $packSize): string
    {
        $html = implode(
            '',
            array_map(
                fn(array $unit): string => '<section class="label small"><h2>' .
                    Markup::text($this->kit) .
                    '</h2>' .
                    ($unit['code']?->html($this->said('print.build-it')) ?? '') .
                    '<p><span class="serial">' .
                    Markup::text($unit['serial']) .
                    '</span><br><span class="quiet">' .
                    $this->said($packSize === 1 ? 'print.kit-number' : 'print.pack-number', [
                        'revision' => $this->revision,
                        'number' => $unit['pack'] + 1,
                    ]) .
                    ($unit['code'] === null ? '' : "<br>{$this->said('print.phone')}") .
                    '</span></p></section>',
                $units,
            ),
        );

        return $this->page('labels', 'print.kit-labels', "<div class=\"sheet\">{$html}</div>");
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

    /** @param 'labels'|'slip' $sheet */
    private function page(string $sheet, string $what, string $body): string
    {
        $of = $this->words->sentence('print.revision', ['kit' => $this->kit, 'revision' => $this->revision]);

        return PrintPage::html(
            "{$this->revised()}: {$this->said($what)}",
            $this->fonts . "\n" . PrintCss::of($sheet, $this->paper, $of),
            $body,
            $this->words->language,
        );
    }
}
