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

    public static function noPack(string $article): self
    {
        return new self("None of {$article} is on hand to be opened.");
    }

    public static function tooFewGoods(string $article, int $wanted, int $there): self
    {
        return new self(
            "{$wanted} of {$article} are wanted, {$there} " .
                ($there === 1 ? 'is' : 'are') .
                ' on hand; make more first.',
        );
    }

    public static function isKit(string $article): self
    {
        return new self("{$article} comes from Packing; begin a run there.");
    }

    public static function nothingAllocated(string $number): self
    {
        return new self("Order {$number} has nothing allocated; allocate first.");
    }
}
