<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use ChiralexRender\Markup;
use ChiralexRender\Words;

/** The slip that goes into the parcel. */
final readonly class PackingSlip
{
    /**
     * @param list<array{article: string, quantity: int, serials: list<string>}> $lines
     * @param bool $coded whether the labels of the kits carry a code that opens their pages
     */
    public function of(
        string $number,
        string $placedOn,
        string $name,
        string $address,
        array $lines,
        string $paper,
        string $fonts,
        bool $coded,
        Words $words,
    ): string {
        $said = static fn(string $code, string $day = ''): string => Markup::text(
            $words->sentence($code, ['day' => $day]),
        );
        $title = $words->sentence('print.slip', ['number' => $number]);
        $rows = implode(
            '',
            array_map(
                static fn(array $line): string => '<tr><td><span class="tick"></span></td><td class="num">' .
                    $line['quantity'] .
                    '</td><td>' .
                    Markup::text($line['article']) .
                    '</td><td class="m">' .
                    implode('<br>', array_map(Markup::text(...), $line['serials'])) .
                    '</td></tr>',
                $lines,
            ),
        );
        $heads =
            "<th></th><th class=\"num\">{$said('print.count')}</th><th>{$said('print.kit')}</th>" .
            "<th>{$said('print.serials')}</th>";
        $body =
            '<h1>' .
            Markup::text($title) .
            '</h1><address>' .
            Markup::text(trim("{$name}\n{$address}")) .
            "</address><p>{$said('print.ordered', $placedOn)}</p>" .
            "<table><thead><tr>{$heads}</tr></thead><tbody>{$rows}</tbody></table>" .
            "<p class=\"quiet\">{$said($coded ? 'print.help-code' : 'print.help-letter')}</p>";

        return PrintPage::html(
            Markup::text($title),
            $fonts . "\n" . PrintCss::of('slip', $paper, $title),
            $body,
            $words->language,
        );
    }
}
