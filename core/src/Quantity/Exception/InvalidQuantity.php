<?php

declare(strict_types=1);

namespace Chiralex\Quantity\Exception;

use Chiralex\ChiralexException;
use InvalidArgumentException;

/** A text that was to be a quantity and is none. */
final class InvalidQuantity extends InvalidArgumentException implements ChiralexException
{
    public static function notDecimal(string $text): self
    {
        return new self(sprintf('"%s" is not a decimal number.', mb_strimwidth($text, 0, 40, '...')));
    }

    public static function negative(string $text): self
    {
        return new self(sprintf('"%s" is negative; a part has no negative value.', mb_strimwidth($text, 0, 40, '...')));
    }

    public static function notLength(string $text): self
    {
        return new self(sprintf('"%s" is not a length; write it like 12.3, 12.3mm, 0.5in or 500mil.', mb_strimwidth($text, 0, 40, '...')));
    }
}
