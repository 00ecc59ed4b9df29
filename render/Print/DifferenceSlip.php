<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use Chiralex\Bom\Designators;
use ChiralexRender\Document\DifferenceDocument;
use ChiralexRender\Markup;
use ChiralexRender\Svg\MarkingSvg;
use ChiralexRender\Words;

/**
 * The slip for bags packed the old way: what their builder will see otherwise, and for which serial numbers it is.
 *
 * @phpstan-import-type Entry from DifferenceDocument
 * @phpstan-import-type BagChange from DifferenceDocument
 * @phpstan-import-type ReadingChange from DifferenceDocument
 */
final readonly class DifferenceSlip
{
    public function __construct(private Words $words) {}

    /** @param array{before: string, after: string, entries: list<Entry>, bags: list<BagChange>, readings: list<ReadingChange>, packed: list<string>} $difference */
    public function of(string $kit, array $difference, string $paper, string $fonts): string
    {
        $marking = new MarkingSvg();
        $rows = implode(
            '',
            array_map(
                static fn(array $entry): string => '<tr><td class="refs">' .
                    Markup::text(!Designators::isNamed($entry['designator']) ? '' : $entry['designator']) .
                    '</td><td>' .
                    Markup::text($entry['seen']) .
                    '</td><td>' .
                    $marking->of($entry['before']['marking'] ?? null) .
                    '</td><td>' .
                    $marking->of($entry['after']['marking'] ?? null) .
                    '</td></tr>',
                $difference['entries'],
            ),
        );
        $title = Markup::text(
            $this->words->sentence('print.otherwise', [
                'kit' => $kit,
                'before' => $difference['before'],
                'after' => $difference['after'],
            ]),
        );
        $serials =
            $difference['packed'] === []
                ? "<p>{$this->said('print.nothing-packed', ['before' => $difference['before']])}</p>"
                : "<h2>{$this->said('print.these-kits')}</h2><p class=\"m\">" .
                    implode(', ', array_map(Markup::text(...), $difference['packed'])) .
                    '</p>';

        return PrintPage::html(
            $title,
            $fonts . "\n" . PrintCss::of('slip', $paper, "{$kit}, {$difference['before']} to {$difference['after']}"),
            "<h1>{$title}</h1><table><thead><tr><th>{$this->said('print.part')}</th><th>{$this->said(
                'print.seen',
            )}</th>" .
                "<th>{$this->said('print.in-revision', ['revision' => $difference['before']])}</th>" .
                "<th>{$this->said('print.in-revision', ['revision' => $difference['after']])}</th></tr></thead>" .
                "<tbody>{$rows}</tbody></table>" .
                $this->readings($difference['readings']) .
                $this->bags($difference['bags']) .
                $serials,
            $this->words->language,
        );
    }

    /** @param list<ReadingChange> $readings */
    private function readings(array $readings): string
    {
        $lines = array_map(
            fn(array $each): string => '<li>' .
                $this->said(
                    match (true) {
                        $each['before'] === '' => 'print.reading-new',
                        $each['after'] === '' => 'print.reading-gone',
                        default => 'print.reading',
                    },
                    ['test' => $each['test'], 'before' => $each['before'], 'after' => $each['after']],
                ) .
                '</li>',
            $readings,
        );

        return $lines === [] ? '' : "<h2>{$this->said('print.measured')}</h2><ul>" . implode('', $lines) . '</ul>';
    }

    /** @param list<BagChange> $bags */
    private function bags(array $bags): string
    {
        $grams = fn(?float $value): string => $value === null
            ? $this->words->sentence('print.not-there')
            : strtr(sprintf('%.2f g', $value), '.', $this->words->point());
        $lines = array_map(
            fn(array $each): string => '<li>' .
                $this->said($each['typical'] ? 'print.weight-typical' : 'print.weight', [
                    'bag' => $each['bag'],
                    'before' => $grams($each['before']),
                    'after' => $grams($each['after']),
                ]) .
                '</li>',
            $bags,
        );

        return $lines === [] ? '' : "<h2>{$this->said('print.weights')}</h2><ul>" . implode('', $lines) . '</ul>';
    }

    /** @param array<string, string> $args */
    private function said(string $code, array $args = []): string
    {
        return Markup::text($this->words->sentence($code, $args));
    }
}
