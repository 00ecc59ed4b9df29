<?php

declare(strict_types=1);

namespace Chiralex\Fault\Claim;

/** How the pieces of a line came into a kit. */
enum Take: string
{
    /** Counted by hand, a key for each kit. */
    case Counted = 'counted';
    /** By the scale, in a handful that was sure. */
    case Weighed = 'weighed';
    /** None was left: the hole is still open. */
    case Hole = 'hole';
    /** Nobody knows: packed before the book began. */
    case Unknown = 'unknown';
}
