<?php

declare(strict_types=1);

namespace Chiralex\Bench\Internal;

use Chiralex\Quantity\Prefix;

/** What a prefix before a unit multiplies by; `u` stands for micro where the keyboard has no other. */
final readonly class Prefixes
{
    public static function factor(?string $sign): float
    {
        foreach (Prefix::cases() as $prefix) {
            if ($prefix->symbol() === ($sign === 'u' ? Prefix::Micro->symbol() : (string) $sign)) {
                return 10.0 ** $prefix->value;
            }
        }

        return 1.0;
    }
}
