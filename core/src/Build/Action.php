<?php

declare(strict_types=1);

namespace Chiralex\Build;

/** What a step does. */
enum Action: string
{
    case Solder = 'solder';
    case Place = 'place';
    case Jig = 'jig';
    case Nuts = 'nuts';
    case Tack = 'tack';
    case Bolt = 'bolt';
    case Insert = 'insert';
    case Adjust = 'adjust';
    case Snap = 'snap';
    case Remove = 'remove';
    case Cure = 'cure';
    case Gate = 'gate';

    /** Where a step goes that nothing else pulls forward: lower first. */
    public function lateRank(): int
    {
        return match ($this) {
            self::Cure => 0,
            self::Insert => 1,
            self::Gate, self::Remove, self::Adjust => 2,
            self::Snap => 3,
            self::Solder => 4,
            default => 5,
        };
    }
}
