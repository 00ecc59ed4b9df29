<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Chiralex\Bench\Internal\Tape;

/** What a meter would show if parts had other values than the list says: exchanged, open, shorted. */
final readonly class WhatIf
{
    /** An open part and a shorted one, in the plain unit of resistors. */
    public const OPEN = 1e12;
    public const SHORT = 1e-3;

    /**
     * @param array<string, float> $values designator to its value, where it is another
     * @return ?float null where nothing can be worked out
     */
    public static function metered(Reading $reading, array $values): ?float
    {
        $formula = $reading->expectation->formula;
        if ($formula === null) {
            return null;
        }
        $at = array_map(static fn(Toleranced $part): float => $part->nominal, $reading->parts);
        $value = Tape::of($formula->metered ?? $formula->expression)->evaluate(
            $values + $at,
        );

        return is_finite($value) ? $value : null;
    }
}
