<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use ChiralexRender\Document\StepDocument;
use ChiralexRender\Words;

/**
 * How a test is made, in words: `multimeter, 20 V range, power off, from TP1 to TP2`.
 *
 * @phpstan-import-type TestShape from StepDocument
 */
final readonly class TestText
{
    /** @param TestShape $test of a release too, which may be older than the setting and the power */
    public static function how(array $test, ?Words $words = null): string
    {
        $words ??= Words::english();
        $points = match (count($test['points'])) {
            0 => '',
            2 => $words->sentence('page.from-to', ['from' => $test['points'][0], 'to' => $test['points'][1]]),
            default => implode(', ', $test['points']),
        };

        return implode(
            ', ',
            array_filter(
                [
                    $test['instrument'],
                    $test['settings'] ?? '',
                    ($test['power'] ?? 'on') === 'off' ? $words->sentence('page.power-off') : '',
                    $points,
                ],
                static fn(string $part): bool => $part !== '',
            ),
        );
    }
}
