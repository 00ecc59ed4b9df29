<?php

declare(strict_types=1);

namespace Chiralex\Trade\Exception;

use Chiralex\ChiralexException;
use RuntimeException;

/** A serial number that is none. */
final class InvalidSerial extends RuntimeException implements ChiralexException
{
    public static function parts(string $code, string $revision, int $number): self
    {
        return new self(
            "No serial number can be made of code \"{$code}\", revision \"{$revision}\" and number {$number}: code and revision are letters and digits, the number is 1 to 99999.",
        );
    }

    public static function shape(string $text): self
    {
        return new self(
            '"' .
                mb_substr($text, 0, 40) .
                '" is no serial number; it reads like FB-B-00147-K and stands on the label of the box.',
        );
    }

    public static function check(string $text): self
    {
        return new self(
            '"' .
                mb_substr($text, 0, 40) .
                '" has a wrong character in it: its last one does not fit the others. Read it once more from the label.',
        );
    }
}
