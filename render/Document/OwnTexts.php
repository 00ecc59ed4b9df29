<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use ChiralexRender\Text\Markdown;

/**
 * The parts of a manual that its maker writes in Markdown, kept among the kit's words by `text.<place>`.
 *
 * @phpstan-type TextShape array{place: string, markdown: string, html: string}
 */
final readonly class OwnTexts
{
    /** Where such a part stands: before everything, before the steps, after them. */
    public const PLACES = ['intro', 'before', 'use'];

    /**
     * @param array<string, string> $words of the kit
     * @return list<TextShape> those that are written
     */
    public static function of(array $words): array
    {
        $texts = [];
        foreach (self::PLACES as $place) {
            $markdown = trim($words["text.{$place}"] ?? '');
            if ($markdown !== '') {
                $texts[] = ['place' => $place, 'markdown' => $markdown, 'html' => Markdown::html($markdown)];
            }
        }

        return $texts;
    }

    /** @param array<string, string> $words */
    public static function block(array $words, string $name): string
    {
        return trim($words["text.block.{$name}"] ?? '');
    }
}
