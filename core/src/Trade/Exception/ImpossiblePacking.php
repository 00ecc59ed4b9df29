<?php

declare(strict_types=1);

namespace Chiralex\Trade\Exception;

use Chiralex\ChiralexException;
use RuntimeException;

/** An event that cannot follow in a packing run. */
final class ImpossiblePacking extends RuntimeException implements ChiralexException
{
    public static function nothingToUndo(): self
    {
        return new self('Nothing to undo: the run is at its beginning.');
    }

    public static function finished(): self
    {
        return new self('The run is finished; every line went into every pack.');
    }

    public static function noHole(int $line, int $pack): self
    {
        return new self("Line {$line} of pack {$pack} is no hole: it is filled already, or still to come.");
    }

    /** @param int $others keys that came in between; below nought where the run has fewer than were thought */
    public static function meanwhile(int $others): self
    {
        return new self(
            match (true) {
                $others === 1
                    => 'Somebody else pressed a key in between; this one was not booked. Look into the bag, then go on.',
                $others > 1
                    => "Others pressed {$others} keys in between; this one was not booked. Look into the bag, then go on.",
                default
                => 'A key before this one is not in the book, so this one was not booked. Look into the bag, then go on.',
            },
        );
    }

    /** @param int $line from 1 */
    public static function binNotRead(int $line): self
    {
        return new self(
            "The bin of line {$line} was not read yet. Read its code, or type its lot (L), so that the right part goes in.",
        );
    }

    public static function otherTurn(int $line, int $pack): self
    {
        return new self(
            "It is the turn of line {$line}, pack {$pack}: somebody else went on with this run. Look again, then go on.",
        );
    }
}
