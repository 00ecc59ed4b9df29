<?php

declare(strict_types=1);

namespace Chiralex\Bench\Exception;

use Chiralex\ChiralexException;
use InvalidArgumentException;

/** A text that is neither a range nor a formula. */
final class InvalidFormula extends InvalidArgumentException implements ChiralexException
{
    /** @param int $position of the first character that does not fit, counted from 1; 0 where the whole does not */
    private function __construct(string $message, public readonly int $position)
    {
        parent::__construct($message);
    }

    public static function at(string $text, int $position): self
    {
        $found = mb_substr($text, $position, 1);

        return new self(
            sprintf(
                '"%s": %s; write it like 4.8 to 5.2 V, > 4.5 V, about 3 V or divider(5 V, R1, R2).',
                mb_strimwidth($text, 0, 60, '...'),
                $found === ''
                    ? 'it ends too early'
                    : sprintf('character %d, "%s", does not fit', $position + 1, $found),
            ),
            $position + 1,
        );
    }

    public static function tooLong(string $text, int $signs): self
    {
        return new self(
            sprintf(
                '"%s" has %d characters; what a test expects has at most %d. Split it into two tests.',
                mb_strimwidth($text, 0, 60, '...'),
                mb_strlen($text),
                $signs,
            ),
            0,
        );
    }

    public static function tooDeep(string $text, int $depth): self
    {
        return new self(
            sprintf(
                '"%s": brackets are nested deeper than %d; write it with fewer.',
                mb_strimwidth($text, 0, 60, '...'),
                $depth,
            ),
            0,
        );
    }

    public static function noNumber(string $text): self
    {
        return new self(
            sprintf(
                '"%s" gives no number with these parts: it divides by nothing or runs over. Look at the values it names.',
                mb_strimwidth($text, 0, 60, '...'),
            ),
            0,
        );
    }

    public static function unknownPart(string $text, string $designator, bool $absent): self
    {
        return new self(
            sprintf(
                $absent
                    ? '"%s": there is no %s in the parts list; name a part that is there, or write the range.'
                    : '"%s": %s has no value that a formula can use; give it one in the list, or write a number.',
                mb_strimwidth($text, 0, 60, '...'),
                mb_strimwidth($designator, 0, 30, '...'),
            ),
            0,
        );
    }

    public static function unknownFunction(string $text, string $name, string $known): self
    {
        return new self(
            sprintf(
                '"%s": there is no "%s"; there are %s; or write plain arithmetic.',
                mb_strimwidth($text, 0, 60, '...'),
                mb_strimwidth($name, 0, 30, '...'),
                $known,
            ),
            0,
        );
    }

    public static function arguments(string $text, string $name, string $wanted): self
    {
        return new self(sprintf('"%s": write %s(%s).', mb_strimwidth($text, 0, 60, '...'), $name, $wanted), 0);
    }
}
