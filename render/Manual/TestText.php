<?php

declare(strict_types=1);

namespace ChiralexRender\Manual;

use ChiralexRender\Document\ManualDocument;

/**
 * How a test is made, in words: `multimeter, 20 V range, power off, from TP1 to TP2`.
 *
 * @phpstan-import-type TestShape from ManualDocument
 */
final readonly class TestText
{
    /** @param TestShape $test of a release too, which may be older than the setting and the power */
    public static function how(array $test): string
    {
        $how = [$test['instrument'], $test['settings'] ?? '', ($test['power'] ?? 'on') === 'off' ? 'power off' : '', $test['points'] === [] ? '' : 'from ' . implode(' to ', $test['points'])];

        return implode(', ', array_filter($how, static fn(string $part): bool => $part !== ''));
    }
}
