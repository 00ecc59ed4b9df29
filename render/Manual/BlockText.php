<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Words;

/**
 * What is said of a block under its own words: its parts, steps and readings, what it feeds, how a fault in it shows.
 *
 * @phpstan-import-type BlockShape from ManualDocument
 */
final readonly class BlockText
{
    /** @param BlockShape $block of a release too, which may be older than what it feeds */
    public static function of(array $block, Words $words): string
    {
        $sentences = [$words->sentence('page.block-parts', ['parts' => implode(', ', $block['parts'])])];
        $lists = [
            'steps' => implode(', ', $block['steps']),
            'tests' => implode('; ', $block['tests']),
            'feeds' => implode(', ', $block['feeds'] ?? []),
            'signs' => implode('; ', $block['signs'] ?? []),
        ];
        foreach (array_diff($lists, ['']) as $what => $list) {
            $sentences[] = $words->sentence("page.block-{$what}", [$what => $list]);
        }

        return implode(' ', $sentences);
    }
}
