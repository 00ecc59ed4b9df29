<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Document\StepDocument;

/**
 * The public page for machines: schema.org HowTo (its steps, supplies, tools, time) and FAQPage, as JSON-LD 1.1.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 * @phpstan-import-type StepShape from StepDocument
 * @phpstan-import-type Faq from HtmlManual
 */
final readonly class StructuredData
{
    /**
     * @param ManualShape $manual
     * @param list<Faq> $faq
     * @return array<string, mixed>
     */
    public static function of(array $manual, array $faq): array
    {
        $graph = [
            [
                '@type' => 'HowTo',
                'name' => "{$manual['kit']}, revision {$manual['revision']}",
                'inLanguage' => $manual['language'] ?? 'en',
                'totalTime' => 'PT' . (int) ceil(self::minutes($manual)) . 'M',
                'supply' => self::supplies($manual),
                'tool' => array_map(
                    static fn(string $tool): array => ['@type' => 'HowToTool', 'name' => $tool],
                    $manual['tools'],
                ),
                'step' => array_map(self::step(...), $manual['steps']),
            ],
        ];
        if ($faq !== []) {
            $graph[] = [
                '@type' => 'FAQPage',
                'mainEntity' => array_map(
                    static fn(array $entry): array => [
                        '@type' => 'Question',
                        'name' => $entry['question'],
                        'acceptedAnswer' => ['@type' => 'Answer', 'text' => $entry['answer']],
                    ],
                    $faq,
                ),
            ];
        }

        return ['@context' => 'https://schema.org', '@graph' => $graph];
    }

    /**
     * @param ManualShape $manual
     * @return list<array<string, mixed>>
     */
    private static function supplies(array $manual): array
    {
        $supplies = [];
        foreach ($manual['bags']['bags'] as $bag) {
            foreach ($bag['items'] as $item) {
                $supplies[] = [
                    '@type' => 'HowToSupply',
                    'name' => "{$item['value']}, {$item['kindName']}",
                    'requiredQuantity' => $item['quantity'],
                ];
            }
        }
        foreach ($manual['bags']['brought'] as $part) {
            $supplies[] = [
                '@type' => 'HowToSupply',
                'name' => "{$part['value']}, {$part['kindName']}",
                'requiredQuantity' => 1,
            ];
        }

        return $supplies;
    }

    /**
     * @param StepShape $step
     * @return array<string, mixed>
     */
    private static function step(array $step): array
    {
        $texts = [
            ...$step['cautions'],
            $step['note'],
            ...array_map(
                static fn(array $callout): string => "{$callout['designator']}: {$callout['text']}",
                $step['callouts'],
            ),
            ...$step['tips'],
            ...array_map(static fn(array $test): string => "{$test['name']}: {$test['expect']}.", $step['tests']),
        ];

        return [
            '@type' => 'HowToStep',
            'position' => $step['number'],
            'name' => $step['title'],
            'text' => implode(' ', array_diff($texts, [''])) ?: $step['title'],
        ];
    }

    /**
     * With the hours that something cures.
     *
     * @param ManualShape $manual
     */
    private static function minutes(array $manual): float
    {
        $waits = ($manual['elapsed'] ?? $manual['minutes']) - $manual['minutes'];

        return ($manual['planned']['minutes'] ?? $manual['minutes']) + $waits;
    }
}
