<?php

declare(strict_types=1);

namespace Chiralex\Polarity\Data;

use Chiralex\Part\BoardMark;
use Chiralex\Part\KindRow;
use Chiralex\Part\Mark;

/** What a board prints for the direction of a part: the usual of its kind, or what fits the mark that the maker names. Common practice. */
final readonly class BoardMarkTable
{
    private const PRACTICE = 'common practice';

    /** @param ?Mark $said the mark the maker names for the part, where it is not the usual one */
    public static function of(KindRow $row, ?Mark $said = null): ?BoardMark
    {
        return $said === null || $row->board?->meets === $said ? $row->board : self::byMark($said);
    }

    /**
     * What stands on the legend for a part, with the mark of the part that goes to it.
     *
     * @param string $seen the shape read: `bar`, `flat`, `notch`, `plus`, `minus`, `square` or `dot`
     * @param ?Mark $check the mark by which the part's direction is told
     */
    public static function seen(KindRow $row, ?Mark $check, string $seen): ?BoardMark
    {
        $meets = match ($seen) {
            'plus' => $row->board?->print === 'plus' ? $row->board->meets : Mark::LongLead,
            'minus' => $check === Mark::Stripe ? Mark::Stripe : Mark::ShortLead,
            default => $row->board?->print === $seen ? $row->board->meets : $check ?? $row->board?->meets,
        };

        return $meets === null ? null : new BoardMark($seen, $meets, 'the legend of the board');
    }

    private static function byMark(Mark $mark): BoardMark
    {
        return new BoardMark(
            match ($mark) {
                Mark::Band, Mark::Bar, Mark::MetalSide => 'bar',
                Mark::Plus, Mark::LongLead => 'plus',
                Mark::Stripe => 'minus',
                Mark::Flat, Mark::ShortLead => 'flat',
                Mark::Notch, Mark::Key => 'notch',
                Mark::Dot, Mark::Tab, Mark::RedEdge, Mark::Ink, Mark::Sticker, Mark::Sleeve => 'pin 1',
                Mark::ColouredSide, Mark::Colour => 'outline',
            },
            $mark,
            self::PRACTICE,
        );
    }
}
