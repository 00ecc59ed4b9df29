<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

/** A day as tables write it: ISO 8601, `2026-07-28`, also with a time behind it. */
final readonly class DayCell
{
    /** @return ?string `2026-07-28`; null where it is no day */
    public static function read(string $text): ?string
    {
        return preg_match('~^(\d{4})-(\d{2})-(\d{2})(?:$|[T ])~', $text, $found) === 1 &&
            checkdate((int) $found[2], (int) $found[3], (int) $found[1])
            ? substr($text, 0, 10)
            : null;
    }
}
