<?php

declare(strict_types=1);

namespace Chiralex\Trade;

/** What has happened to a packed kit last, and what may happen next. */
enum Whereabouts: string
{
    case Packed = 'packed';
    case Unpacked = 'unpacked';
    /** Taken out of a class pack that was opened. */
    case Opened = 'opened';
    case Allocated = 'allocated';
    case Freed = 'freed';
    /** Lies in the shop and stays there: something in it is doubted. */
    case Held = 'held';
    case Shipped = 'shipped';
    case Returned = 'returned';
    case Scrapped = 'scrapped';

    /** True when the kit lies in the shop and is nobody's yet. */
    public function isOnHand(): bool
    {
        return match ($this) {
            self::Packed, self::Freed, self::Opened => true,
            self::Unpacked, self::Allocated, self::Held, self::Shipped, self::Returned, self::Scrapped => false,
        };
    }

    /** @return list<string> the words of all that lie in the shop and are nobody's */
    public static function onHand(): array
    {
        return array_values(
            array_map(
                static fn(self $each): string => $each->value,
                array_filter(self::cases(), static fn(self $each): bool => $each->isOnHand()),
            ),
        );
    }

    public function mayBecome(self $next): bool
    {
        return match ($next) {
            // What came back is looked through and packed again, or scrapped.
            self::Packed => $this === self::Unpacked || $this === self::Returned,
            self::Allocated, self::Opened, self::Held => $this->isOnHand(),
            self::Unpacked => $this->isOnHand() || $this === self::Held,
            self::Scrapped => $this->isOnHand() || $this === self::Held || $this === self::Returned,
            self::Freed => $this === self::Allocated || $this === self::Held,
            self::Shipped => $this === self::Allocated,
            self::Returned => $this === self::Shipped,
        };
    }

    /** True for what somebody may say of a kit in Stock; packing, setting aside and shipping have rooms of their own. */
    public function mayBecomeByHand(self $next): bool
    {
        return match ($next) {
            self::Packed => $this === self::Returned,
            self::Held => $this->isOnHand(),
            self::Freed => $this === self::Held,
            self::Scrapped => $this->mayBecome($next),
            default => false,
        };
    }
}
