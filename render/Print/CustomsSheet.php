<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use ChiralexRender\Markup;
use ChiralexRender\Words;

/**
 * What is copied onto the customs form of a parcel: contents, weight, value, origin of each line and of all. What nobody knows is left
 * open, never guessed.
 *
 * @phpstan-type Declared array{article: string, quantity: int, grams: ?float, typical: bool, value: string}
 */
final readonly class CustomsSheet
{
    public function __construct(private Words $words) {}

    /** @param list<Declared> $lines */
    public function of(
        string $number,
        string $address,
        array $lines,
        string $total,
        string $currency,
        string $origin,
        string $paper,
        string $fonts,
    ): string {
        $title = $this->said('print.customs', ['number' => $number]);
        $known = array_filter($lines, static fn(array $line): bool => $line['grams'] !== null);
        $open = count($known) < count($lines);
        $grams = array_sum(array_column($known, 'grams'));
        $typical = array_filter($known, static fn(array $line): bool => $line['typical']) !== [];
        $notes = [
            ...$typical ? [$this->said('print.customs-typical')] : [],
            ...$open ? [$this->said('print.customs-weigh')] : [],
            ...$origin === '' ? [$this->said('print.customs-origin-open')] : [],
            $this->said('print.customs-net'),
        ];
        $rows = array_map(
            static fn(array $line): string => "<tr><td class=\"num\">{$line['quantity']}</td><td>" .
                Markup::text($line['article']) .
                '</td><td class="num">' .
                self::weight($line['grams']) .
                "</td><td class=\"num\">{$line['value']}</td><td>" .
                Markup::text($origin) .
                '</td></tr>',
            $lines,
        );
        $heads = [
            ['print.count', true],
            ['print.contents', false],
            ['print.net-grams', true],
            ['print.value', true],
            ['print.origin', false],
        ];
        $head = array_map(
            fn(array $each): string => ($each[1] ? '<th class="num">' : '<th>') .
                Markup::text($this->said($each[0], ['currency' => $currency])) .
                '</th>',
            $heads,
        );
        $sum = $open ? '' : self::weight($grams);
        $body =
            '<h1>' .
            Markup::text($title) .
            '</h1><address>' .
            Markup::text($address) .
            '</address><table><thead><tr>' .
            implode('', $head) .
            '</tr></thead><tbody>' .
            implode('', $rows) .
            '<tr><td></td><td><b>' .
            Markup::text($this->said('print.together')) .
            "</b></td><td class=\"num\"><b>{$sum}</b></td><td class=\"num\"><b>{$total}</b></td><td></td></tr>" .
            '</tbody></table>' .
            implode('', array_map(static fn(string $note): string => '<p>' . Markup::text($note) . '</p>', $notes));

        return PrintPage::html(
            Markup::text($title),
            $fonts . "\n" . PrintCss::of('slip', $paper, $title),
            $body,
            $this->words->language,
        );
    }

    /** Whole grams; an open place where nobody knows. */
    private static function weight(?float $grams): string
    {
        return $grams === null ? '____' : (string) (int) ceil($grams);
    }

    /** @param array<string, string> $arguments */
    private function said(string $code, array $arguments = []): string
    {
        return $this->words->sentence($code, $arguments);
    }
}
