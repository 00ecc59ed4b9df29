<?php

declare(strict_types=1);

namespace Chiralex\Marking\Exception;

use Chiralex\ChiralexException;
use RuntimeException;

/** A marking that no code of the trade can mean. */
final class NoDecoding extends RuntimeException implements ChiralexException
{
    public static function ofCode(string $code, string $kind): self
    {
        return new self(
            sprintf(
                '"%s" has no legal reading as a %s marking; check for letter O against zero and try again.',
                mb_strimwidth($code, 0, 30, '...'),
                $kind,
            ),
        );
    }

    /** @param list<string> $words */
    public static function ofBands(array $words): self
    {
        return new self(
            sprintf(
                'bands "%s" have no legal reading from either end; give 1, 3, 4, 5 or 6 bands, the first never black, gold or silver.',
                mb_strimwidth(implode(' ', $words), 0, 80, '...'),
            ),
        );
    }

    public static function ofColour(string $word, int $position): self
    {
        return new self(
            sprintf(
                'band %d, "%s", is no band colour; use black brown red orange yellow green blue violet grey white gold silver.',
                $position,
                mb_strimwidth($word, 0, 20, '...'),
            ),
        );
    }

    public static function ofValue(string $text, int $position, string $found): self
    {
        return new self(
            sprintf(
                '"%s" is no value: character %d, "%s", does not fit; write it like 4k7, 100n or 10uH.',
                mb_strimwidth($text, 0, 30, '...'),
                $position + 1,
                $found,
            ),
        );
    }
}
