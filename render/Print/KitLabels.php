<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use ChiralexRender\Markup;
use ChiralexRender\Words;

/** A label for each packed kit on a sheet of labels: its serial number for people, the code of its own page. */
final readonly class KitLabels
{
    private const CSS = <<<'CSS'
        * { box-sizing: border-box; }
        body { margin: 0; font: 9pt/1.25 Next, "Liberation Sans", sans-serif; color: #1f282b; font-variant-numeric: tabular-nums; }
        main { margin: 0; }
        h2 { margin: 0 0 1mm; font-size: 13pt; }
        p { margin: 0; }
        .serial { font: 700 15pt Mono, monospace; }
        .quiet { color: #5a6467; }
        .qr { float: right; width: 30mm; text-align: center; font-size: 7pt; margin-left: 3mm; }
        .qr svg { width: 22mm; height: 22mm; display: block; margin: 0 auto; }
        .letters { display: block; font: 6.5pt/1.15 Mono, monospace; overflow-wrap: anywhere; }
        CSS;

    public function __construct(
        private string $kit,
        private string $revision,
        private LabelGrid $grid,
        private string $shop,
        private string $fonts,
        private Words $words,
    ) {}

    /** @param list<array{serial: string, code: ?PageCode, pack: int}> $units */
    public function of(array $units, int $packSize): string
    {
        $labels = array_map(
            fn(array $unit): string => ($unit['code']?->html($this->said('print.build-it')) ?? '') .
                '<h2>' .
                Markup::text($this->kit) .
                '</h2><p><span class="serial">' .
                Markup::text($unit['serial']) .
                '</span><br><span class="quiet">' .
                $this->said($packSize === 1 ? 'print.kit-number' : 'print.pack-number', [
                    'revision' => $this->revision,
                    'number' => $unit['pack'] + 1,
                ]) .
                ($this->shop === '' ? '' : '<br>' . Markup::text($this->shop)) .
                ($unit['code'] === null ? '' : "<br>{$this->said('print.phone')}") .
                '</span></p>',
            $units,
        );
        $of = $this->said('print.revision', ['kit' => $this->kit, 'revision' => $this->revision]);

        return PrintPage::html(
            "{$of}: {$this->said('print.kit-labels')}",
            "{$this->fonts}\n" . $this->grid->css() . self::CSS,
            $this->grid->html($labels),
            $this->words->language,
        );
    }

    /** @param array<string, string|int> $arguments */
    private function said(string $code, array $arguments = []): string
    {
        return Markup::text($this->words->sentence($code, $arguments));
    }
}
