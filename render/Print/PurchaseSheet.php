<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use ChiralexRender\Markup;
use ChiralexRender\Words;

/**
 * What is ordered from each supplier, a page each.
 *
 * @phpstan-type Ordered array{title: string, pieces: int, unitPrice: string, cost: string}
 */
final readonly class PurchaseSheet
{
    private const CSS = "\n.order + .order { break-before: page; }\n";

    public function __construct(private Words $words) {}

    /** @param list<array{supplier: string, currency: string, goods: string, lines: list<Ordered>}> $sheets */
    public function of(int $number, string $day, array $sheets, string $paper, string $fonts): string
    {
        $title = $this->said('print.purchase', ['number' => (string) $number]);
        $pages = array_map(
            fn(array $sheet): string => '<section class="order"><h1>' .
                Markup::text("{$title}: {$sheet['supplier']}") .
                '</h1><p>' .
                Markup::text($this->said('print.ordered', ['day' => $day])) .
                '</p>' .
                $this->table($sheet['lines'], $sheet['currency'], $sheet['goods']) .
                '</section>',
            $sheets,
        );

        return PrintPage::html(
            Markup::text($title),
            $fonts . "\n" . PrintCss::of('slip', $paper, $title) . self::CSS,
            implode('', $pages),
            $this->words->language,
        );
    }

    /** @param list<Ordered> $lines */
    private function table(array $lines, string $currency, string $goods): string
    {
        $head = static fn(string $text, bool $number): string => ($number ? '<th class="num">' : '<th>') .
            Markup::text($text) .
            '</th>';
        $rows = array_map(
            static fn(array $line): string => "<tr><td class=\"num\">{$line['pieces']}</td><td>" .
                Markup::text($line['title']) .
                "</td><td class=\"num\">{$line['unitPrice']}</td><td class=\"num\">{$line['cost']}</td></tr>",
            $lines,
        );

        return '<table><thead><tr>' .
            $head($this->said('print.count'), true) .
            $head($this->said('print.part'), false) .
            $head($this->said('print.unit-price', ['currency' => $currency]), true) .
            $head($currency, true) .
            '</tr></thead><tbody>' .
            implode('', $rows) .
            '<tr><td></td><td>' .
            Markup::text($this->said('print.goods')) .
            "</td><td></td><td class=\"num\"><b>{$goods}</b></td></tr></tbody></table><p class=\"quiet\">" .
            Markup::text($this->said('print.without-shipping')) .
            '</p>';
    }

    /** @param array<string, string> $arguments */
    private function said(string $code, array $arguments = []): string
    {
        return $this->words->sentence($code, $arguments);
    }
}
