<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Support\Refusal;
use Chiralex\Trade\Whereabouts;

/** A kit that cannot go where somebody wants it. */
final class ImpossibleMove extends Refusal
{
    public static function of(string $serial, Whereabouts $from, Whereabouts $to): self
    {
        return new self("Kit {$serial} is {$from->value} and cannot be {$to->value} now; look again where it is.");
    }

    public static function notEnough(string $kit, int $wanted, int $there): self
    {
        return new self(
            "{$wanted} of {$kit} are wanted, {$there} " . ($there === 1 ? 'is' : 'are') . ' on hand; pack more first.',
        );
    }

    public static function noPack(string $kit, int $size): self
    {
        return new self("No class pack of {$size} of {$kit} is on hand.");
    }

    public static function nothingAllocated(string $number): self
    {
        return new self("Order {$number} has no kit allocated; allocate first.");
    }
}
