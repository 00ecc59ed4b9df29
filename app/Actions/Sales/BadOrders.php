<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Support\Refusal;

/** A table of orders that cannot be booked; the message names rows and columns. */
final class BadOrders extends Refusal
{
    private const SHOWN = 5;

    /** @param list<string> $missing */
    public static function columns(string $name, array $missing): self
    {
        return new self(
            "{$name} lacks the column" .
                (count($missing) > 1 ? 's ' : ' ') .
                implode(', ', $missing) .
                '. It needs number, date, customer, kit, quantity; email, address, price and currency are welcome.',
        );
    }

    /** @param non-empty-list<string> $faults */
    public static function rows(array $faults): self
    {
        $more = count($faults) - self::SHOWN;

        return new self(
            implode(' ', array_slice($faults, 0, self::SHOWN)) .
                ($more > 0 ? " And {$more} more rows." : '') .
                ' Nothing was booked.',
        );
    }
}
