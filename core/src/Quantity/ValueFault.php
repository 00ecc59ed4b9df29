<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

/** Why a text is no value, and at which character (0-based) it stops being one. */
final readonly class ValueFault
{
    public function __construct(public string $code, public int $position, public string $found) {}
}
