<?php

declare(strict_types=1);

namespace ChiralexRender\Text;

use ChiralexRender\Markup;

/**
 * The words of a callout in print: what happens when it is reversed stands out where it harms somebody or something else.
 */
final readonly class CalloutText
{
    private const HARM = ['destroys-others', 'can-hurt'];

    /** @param array{designator: string, text: string, consequence: string, lead?: string, ...} $callout */
    public static function html(array $callout): string
    {
        $lead = $callout['lead'] ?? '';
        $harm = in_array($callout['consequence'], self::HARM, true);
        $rest =
            $lead !== '' && str_starts_with($callout['text'], $lead)
                ? trim(mb_substr($callout['text'], mb_strlen($lead)))
                : '';
        $text = match (true) {
            !$harm => Markup::text($callout['text']),
            $rest === '' => '<span class="harm">' . Markup::text($callout['text']) . '</span>',
            default => Markup::text($lead) . ' <span class="harm">' . Markup::text($rest) . '</span>',
        };

        return '<p><b class="m">' . Markup::text($callout['designator']) . "</b> {$text}</p>";
    }
}
