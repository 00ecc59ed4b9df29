<?php

declare(strict_types=1);

namespace ChiralexCli;

use RuntimeException;

/** A call whose words are off. */
final class UsageError extends RuntimeException
{
    public static function unknownVerb(string $verb, string $known): self
    {
        return new self(sprintf('unknown verb "%s"; use one of: %s.', mb_strimwidth($verb, 0, 30, '...'), $known));
    }

    public static function missing(string $verb, string $usage): self
    {
        return new self("wrong usage of {$verb}; write: {$usage}");
    }

    public static function unknownFlag(string $flag, string $usage): self
    {
        return new self(sprintf('unknown option "%s"; write: %s', mb_strimwidth($flag, 0, 30, '...'), $usage));
    }

    public static function badValue(string $flag, string $value, string $allowed): self
    {
        return new self(sprintf('%s cannot be "%s"; use %s.', $flag, mb_strimwidth($value, 0, 30, '...'), $allowed));
    }

    public static function unknownPart(string $designator): self
    {
        return new self(
            sprintf(
                '--fitted names "%s", which has no place on that board; correct the designator.',
                mb_strimwidth($designator, 0, 30, '...'),
            ),
        );
    }
}
