<?php

declare(strict_types=1);

namespace App\Queries\Packing;

use App\Actions\Library\Fingerprint;
use ChiralexRender\Document\BagsDocument;

/**
 * The lines of a run, in the order they are packed: bag by bag, with the look-alikes that come near.
 *
 * @phpstan-import-type Bags from BagsDocument
 * @phpstan-import-type Item from BagsDocument
 */
final readonly class RunLines
{
    /**
     * @param array<string, mixed> $bags document of the release
     * @param array<string, mixed> $parts document of the release
     * @param ?array<string, mixed> $packers the bags in the words of the people at the bench, where they are others than the builder's
     * @return non-empty-list<array<string, mixed>>
     */
    public function of(array $bags, array $parts, ?array $packers = null): array
    {
        /** @var Bags $bags */
        /** @var ?Bags $packers */
        /** @var array{lines: list<array{designators: list<string>, alike: list<string>, text: string, package: string, description: string}>} $parts */
        $alike = $known = [];
        foreach ($parts['lines'] as $line) {
            $print = Fingerprint::from($line['designators'][0], $line['text'], $line['package'], $line['description']);
            foreach ($line['designators'] as $designator) {
                $alike[$designator] = $line['alike'];
                $known[$designator] = $print;
            }
        }
        $items = [];
        foreach ($bags['bags'] as $bag) {
            foreach ($bag['items'] as $item) {
                foreach ($item['designators'] as $designator) {
                    $items[$designator] = $item;
                }
            }
        }
        $said = self::said($packers ?? $bags);
        $lines = [];
        foreach ($bags['bags'] as $bag) {
            foreach ($bag['items'] as $index => $item) {
                $lines[] = [
                    'bag' => $bag['name'],
                    'bagTitle' => $said['titles'][$bag['name']] ?? $bag['title'],
                    'esd' => $bag['esd'],
                    'cushioned' => $bag['cushioned'],
                    'at' => $index + 1,
                    'of' => count($bag['items']),
                    'item' => ['kindName' => $said['kinds'][$item['designators'][0]] ?? $item['kindName']] + $item,
                    'part' => $known[$item['designators'][0]] ?? '',
                    'not' => $this->confusable($item, $alike, $items),
                ];
            }
        }

        return $lines === []
            ? [
                [
                    'bag' => 'A',
                    'bagTitle' => '',
                    'esd' => false,
                    'cushioned' => false,
                    'at' => 1,
                    'of' => 1,
                    'item' => [
                        'designators' => ['~1'],
                        'quantity' => 1,
                        'length' => null,
                        'value' => 'empty kit',
                        'kind' => 'unknown',
                        'kindName' => '',
                        'outline' => '',
                        'marking' => null,
                    ],
                    'not' => [],
                ],
            ]
            : $lines;
    }

    /**
     * @param Bags $bags
     * @return array{titles: array<array-key, string>, kinds: array<array-key, string>} by bag and by first designator
     */
    private static function said(array $bags): array
    {
        $titles = $kinds = [];
        foreach ($bags['bags'] as $bag) {
            $titles[$bag['name']] = $bag['title'];
            foreach ($bag['items'] as $item) {
                $kinds[$item['designators'][0]] = $item['kindName'];
            }
        }

        return ['titles' => $titles, 'kinds' => $kinds];
    }

    /**
     * @param Item $item
     * @param array<array-key, list<string>> $alike
     * @param array<array-key, Item> $items
     * @return list<array{designators: list<string>, value: string, marking: mixed}>
     */
    private function confusable(array $item, array $alike, array $items): array
    {
        $not = [];
        foreach ($item['designators'] as $designator) {
            foreach ($alike[$designator] ?? [] as $other) {
                if (isset($items[$other])) {
                    $not[implode(' ', $items[$other]['designators'])] = [
                        'designators' => $items[$other]['designators'],
                        'value' => $items[$other]['value'],
                        'marking' => $items[$other]['marking'],
                    ];
                }
            }
        }

        return array_values($not);
    }
}
