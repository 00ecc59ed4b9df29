<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use Chiralex\Bom\Designators;
use ChiralexRender\Document\BagsDocument;
use ChiralexRender\Markup;
use ChiralexRender\Svg\MarkingSvg;
use ChiralexRender\Svg\Num;

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
                ($bag['esd']
                    ? '<p class="warn">Static-sensitive: leave it in its shielding bag until it is fitted.</p>'
                    : '') . ($bag['cushioned'] ? '<p class="warn">Fragile.</p>' : '');
            $html .=
                '<section class="label"><h2><b>' .
                Markup::text($bag['name']) .
                '</b>' .
                Markup::text($bag['title']) .
                '</h2>' .
                ($code?->html('build it') ?? '') .
                '<p class="quiet">' .
                Markup::text("{$this->kit}, revision {$this->revision}") .
                "</p>{$warn}<ul>{$items}</ul></section>";
        }

        return $this->page('labels', 'bag labels', "<div class=\"sheet\">{$html}</div>");
    }

    /** @param Bags $bags */
    public function tickList(array $bags): string
    {
        $html = '<h1>' . Markup::text($this->kit) . ', revision ' . Markup::text($this->revision) . ': tick list</h1>';
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
                '<h2>Bag ' .
                Markup::text($bag['name']) .
                ': ' .
                Markup::text($bag['title']) .
                ' <span class="quiet">' .
                Markup::text($bag['size'] === 'box' ? 'in the box' : "{$bag['size']} mm") .
                ($bag['esd'] ? ', shielding' : '') .
                "</span></h2><table class=\"list\">{$rows}</table>";
        }
        if ($bags['cuts'] !== []) {
            $html .=
                '<h2>To cut</h2><table>' .
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

        return $this->page('slip', 'tick list', $html);
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
                    ($unit['code']?->html('build it') ?? '') .
                    '<p><span class="serial">' .
                    Markup::text($unit['serial']) .
                    '</span><br><span class="quiet">revision ' .
                    Markup::text($this->revision) .
                    ', ' .
                    ($packSize === 1 ? 'kit' : 'class pack') .
                    ' ' .
                    ($unit['pack'] + 1) .
                    ($unit['code'] === null
                        ? ''
                        : '<br>Point your phone at the code: the build manual opens, one step at a time.') .
                    '</span></p></section>',
                $units,
            ),
        );

        return $this->page('labels', 'kit labels', "<div class=\"sheet\">{$html}</div>");
    }

    /** @param Item $item */
    private function names(array $item): string
    {
        return !Designators::isNamed($item['designators'][0]) ? '' : implode(' ', $item['designators']);
    }

    /** @param 'labels'|'slip' $sheet */
    private function page(string $sheet, string $what, string $body): string
    {
        return PrintPage::html(
            Markup::text("{$this->kit}, revision {$this->revision}: {$what}"),
            $this->fonts . "\n" . PrintCss::of($sheet, $this->paper, "{$this->kit}, revision {$this->revision}"),
            $body,
        );
    }
}
