<?php

declare(strict_types=1);

namespace Chiralex\Supply\Exception;

use Chiralex\ChiralexException;
use RuntimeException;

/** Offers that no plan can be made of. */
final class UnusableMarket extends RuntimeException implements ChiralexException
{
    public static function noRate(string $currency, string $supplier, string $into): self
    {
        return new self(
            "{$supplier} sells in {$currency}, and nobody said what that is worth: add --rate {$currency}=NUMBER, what one {$currency} is in {$into}.",
        );
    }
}
