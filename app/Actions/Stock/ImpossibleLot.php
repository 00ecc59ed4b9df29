<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Support\Refusal;

/** What cannot be done with a lot, and what to do instead. */
final class ImpossibleLot extends Refusal
{
    private const SHOWN = 5;

    public static function ofAnotherPart(string $lot, string $other, string $part): self
    {
        return new self("Lot {$lot} is {$other}, not {$part}. Look at the bag once more, or name the lot otherwise.");
    }

    public static function held(string $lot, string $part, string $note): self
    {
        $why = $note === '' ? '' : " ({$note})";

        return new self("Lot {$lot} of {$part} is on hold{$why}. Empty its bin and name another lot with L.");
    }

    public static function lookFirst(string $lot, string $part): self
    {
        return new self(
            "Look at one piece of lot {$lot} of {$part} first: somebody found another mark. Tap or type it in Stock, Is it the right part?",
        );
    }

    public static function alreadyHeld(string $lot): self
    {
        return new self("Lot {$lot} is on hold already.");
    }

    public static function notHeld(string $lot): self
    {
        return new self("Lot {$lot} is not on hold.");
    }

    public static function named(string $lot): self
    {
        return new self(
            "There is a lot {$lot} of this part already; receive into that one, or call this one otherwise.",
        );
    }

    /** @param non-empty-list<string> $faults */
    public static function rows(array $faults): self
    {
        $more = count($faults) - self::SHOWN;

        return new self(
            implode(' ', array_slice($faults, 0, self::SHOWN)) .
                ($more > 0 ? " And {$more} more rows." : '') .
                ' Nothing was received.',
        );
    }

    public static function unknownPart(string $part): self
    {
        return new self("No kit has the part \"{$part}\"; take it from the list of parts.");
    }

    public static function moreThanThere(string $lot, string $there, string $asked): self
    {
        return new self("Lot {$lot} has {$there} by the book, not {$asked}. Count it first, or say less.");
    }
}
