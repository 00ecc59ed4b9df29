<?php

declare(strict_types=1);

namespace Chiralex\Supply;

/** What happens to a lot: one row of its book. */
enum LotEntry: string
{
    case Received = 'received';
    /** What lies there was counted: the difference is booked. */
    case Counted = 'counted';
    case Packed = 'packed';
    case Unpacked = 'unpacked';
    case Wasted = 'wasted';
    /** Sent to a customer as a replacement. */
    case Sent = 'sent';
    case Returned = 'returned';
    case Corrected = 'corrected';
    /** Not to be packed until it is freed. */
    case Held = 'held';
    case Freed = 'freed';
    /** One piece is to be looked at before the next is packed. */
    case Look = 'look';
    case Looked = 'looked';

    /** Those that a person books by hand. */
    public function isByHand(): bool
    {
        return !in_array($this, [self::Packed, self::Unpacked], true);
    }

    /** True where a quantity is said; holding and freeing move nothing. */
    public function movesPieces(): bool
    {
        return !in_array($this, [self::Held, self::Freed, self::Look, self::Looked], true);
    }

    /** 1 where pieces come in, -1 where they go out, 0 where either may be. */
    public function direction(): int
    {
        return match ($this) {
            self::Received, self::Unpacked, self::Returned => 1,
            self::Packed, self::Wasted, self::Sent => -1,
            self::Counted, self::Corrected, self::Held, self::Freed, self::Look, self::Looked => 0,
        };
    }
}
