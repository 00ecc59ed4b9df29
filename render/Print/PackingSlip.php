<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use ChiralexRender\Markup;

/** The slip that goes into the parcel. */
final readonly class PackingSlip
{
    /**
     * @param list<array{kit: string, quantity: int, serials: list<string>}> $lines
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
    ): string {
        $help = $coded
            ? 'the code on the label of each kit opens its page, and the page has a form.'
            : 'write to us and name the serial number on the label.';
        $rows = implode(
            '',
            array_map(
                static fn(array $line): string => '<tr><td><span class="tick"></span></td><td class="num">' .
                    $line['quantity'] .
                    '</td><td>' .
                    Markup::text($line['kit']) .
                    '</td><td class="m">' .
                    implode('<br>', array_map(Markup::text(...), $line['serials'])) .
                    '</td></tr>',
                $lines,
            ),
        );
        $body =
            '<h1>Packing slip ' .
            Markup::text($number) .
            '</h1><address>' .
            Markup::text(trim("{$name}\n{$address}")) .
            '</address><p>Ordered on ' .
            Markup::text($placedOn) .
            ".</p><table><thead><tr><th></th><th class=\"num\">count</th><th>kit</th><th>serial numbers</th></tr></thead><tbody>{$rows}</tbody></table><p class=\"quiet\">Something is missing or does not work: {$help}</p>";

        return PrintPage::html(
            'Packing slip ' . Markup::text($number),
            $fonts . "\n" . PrintCss::of('slip', $paper, "Packing slip {$number}"),
            $body,
        );
    }
}
