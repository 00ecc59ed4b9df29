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

    /** @param int $position of the first character that does not fit, counted from 0 */
    public static function notLength(string $text, int $position): self
    {
        return new self(
            self::shown($text, $position, 'a length', 'write it like 12.3, 12.3mm, 0.5in, 1/8 in or 500mil.'),
        );
    }

    /** @param int $position of the first character that does not fit, counted from 0 */
    public static function notRating(string $text, int $position): self
    {
        return new self(self::shown($text, $position, 'a rating', 'write it like 1/4W, 25 V, 500mA or 5%.'));
    }

    public static function tooLong(string $text, int $signs): self
    {
        return new self(
            sprintf(
                '"%s" has %d characters; a value has at most %d.',
                mb_strimwidth($text, 0, 40, '...'),
                mb_strlen($text),
                $signs,
            ),
        );
    }

    public static function tooLarge(string $text): self
    {
        return new self(
            sprintf(
                '"%s" is larger than anything in a kit; is there a digit or a prefix too many?',
                mb_strimwidth($text, 0, 40, '...'),
            ),
        );
    }

    private static function shown(string $text, int $position, string $what, string $example): string
    {
        $at = mb_substr(trim($text), $position, 1);

        return sprintf(
            '"%s" is not %s%s; %s',
            mb_strimwidth($text, 0, 40, '...'),
            $what,
            $at === '' ? '' : sprintf(': character %d, "%s", does not fit', $position + 1, $at),
            $example,
        );
    }
}
