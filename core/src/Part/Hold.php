<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** How a part stays in its holes while it is soldered. */
enum Hold: string
{
    case Table = 'table';
    case Bend = 'bend';
    case Splay = 'splay';
    case Tack = 'tack';
    case Tape = 'tape';
    case Putty = 'putty';
    case Prop = 'prop';
    case Holder = 'holder';
    case Jig = 'jig';
    case OwnLock = 'own-lock';
    case NoneNeeded = 'none-needed';

    /** True when stiff pins stand only as upright as the board lies level. */
    public function needsLevel(): bool
    {
        return in_array($this, [self::Table, self::Tack, self::Tape, self::Putty], true);
    }

    /** True when the part would sink or fall without help; the score counts these. */
    public function hangs(): bool
    {
        return match ($this) {
            self::Tack, self::Tape, self::Putty, self::Prop => true,
            default => false,
        };
    }
}
