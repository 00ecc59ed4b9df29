<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use Chiralex\Bom\Designators;
use ChiralexRender\Document\DifferenceDocument;
use ChiralexRender\Markup;
use ChiralexRender\Svg\MarkingSvg;

/**
 * The slip for bags packed the old way: what their builder will see otherwise, and for which serial numbers it is.
 *
 * @phpstan-import-type Entry from DifferenceDocument
 * @phpstan-import-type BagChange from DifferenceDocument
 * @phpstan-import-type ReadingChange from DifferenceDocument
 */
final readonly class DifferenceSlip
{
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
            "{$kit}: what is otherwise from revision {$difference['before']} to {$difference['after']}",
        );
        $serials =
            $difference['packed'] === []
                ? '<p>No kit was packed as revision ' . Markup::text($difference['before']) . '.</p>'
                : '<h2>For these kits</h2><p class="m">' .
                    implode(', ', array_map(Markup::text(...), $difference['packed'])) .
                    '</p>';

        return PrintPage::html(
            $title,
            $fonts . "\n" . PrintCss::of('slip', $paper, "{$kit}, {$difference['before']} to {$difference['after']}"),
            "<h1>{$title}</h1><table><thead><tr><th>part</th><th>what you see</th><th>in revision " .
                Markup::text($difference['before']) .
                '</th><th>in revision ' .
                Markup::text($difference['after']) .
                "</th></tr></thead><tbody>{$rows}</tbody></table>" .
                $this->readings($difference['readings']) .
                $this->bags($difference['bags']) .
                $serials,
        );
    }

    /** @param list<ReadingChange> $readings */
    private function readings(array $readings): string
    {
        $lines = array_map(
            static fn(array $each): string => '<li>' .
                Markup::text(
                    $each['test'] .
                        ': ' .
                        match (true) {
                            $each['before'] === '' => "new, expect {$each['after']}",
                            $each['after'] === '' => 'no longer measured',
                            default => "expect {$each['before']} in the old kit, {$each['after']} in the new one",
                        },
                ) .
                '</li>',
            $readings,
        );

        return $lines === [] ? '' : '<h2>What you measure</h2><ul>' . implode('', $lines) . '</ul>';
    }

    /** @param list<BagChange> $bags */
    private function bags(array $bags): string
    {
        $grams = static fn(?float $value): string => $value === null ? 'not there' : sprintf('%.2f g', $value);
        $lines = array_map(
            static fn(array $each): string => '<li>' .
                Markup::text(
                    "Bag {$each['bag']}: {$grams($each['before'])} before, {$grams($each['after'])} now" .
                        ($each['typical'] ? ' (typical masses among them)' : ''),
                ) .
                '</li>',
            $bags,
        );

        return $lines === [] ? '' : '<h2>What the bags weigh</h2><ul>' . implode('', $lines) . '</ul>';
    }
}
