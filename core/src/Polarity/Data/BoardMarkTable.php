<?php

declare(strict_types=1);

namespace Chiralex\Polarity\Data;

use Chiralex\Part\Kind;
use Chiralex\Part\Mark;
use Chiralex\Polarity\BoardMark;

/**
 * What boards print for the direction of each kind, and which mark of the part goes there. Symbols drawn as a bar at the cathode and a
 * plus at the positive terminal follow the graphical symbols of IEC 60617 (from memory); outlines, notches and pin 1 by
 * IEC 61188-7 (pin 1 marking, from memory); the rest is common practice.
 */
final readonly class BoardMarkTable
{
    private const SYMBOL = 'IEC 60617, from memory';
    private const PIN_ONE = 'IEC 61188-7, from memory';
    private const PRACTICE = 'common practice';

    /** @param ?Mark $said the mark the maker names for the part, where it is not the usual one */
    public static function of(Kind $kind, ?Mark $said = null): ?BoardMark
    {
        $usual = self::usual($kind);

        return $said === null || $usual?->meets === $said ? $usual : self::byMark($said);
    }

    private static function usual(Kind $kind): ?BoardMark
    {
        return match ($kind) {
            Kind::Diode, Kind::Zener, Kind::Rectifier => new BoardMark('bar', Mark::Band, self::SYMBOL),
            Kind::Electrolytic => new BoardMark('plus', Mark::LongLead, self::SYMBOL),
            Kind::Tantalum, Kind::Bridge => new BoardMark('plus', Mark::Plus, self::SYMBOL),
            Kind::Buzzer => new BoardMark('plus', Mark::Plus, self::PRACTICE),
            Kind::Led, Kind::Photo => new BoardMark('flat', Mark::Flat, self::PRACTICE),
            Kind::Ic, Kind::IcSocket => new BoardMark('notch', Mark::Notch, self::PIN_ONE),
            Kind::BoxHeader => new BoardMark('notch', Mark::Key, self::PRACTICE),
            Kind::Network, Kind::Display => new BoardMark('pin 1', Mark::Dot, self::PIN_ONE),
            Kind::Cable => new BoardMark('pin 1', Mark::RedEdge, self::PRACTICE),
            Kind::Transistor, Kind::Sensor => new BoardMark('outline', Mark::Flat, self::PRACTICE),
            Kind::Regulator => new BoardMark('bar', Mark::MetalSide, self::PRACTICE),
            Kind::Transformer, Kind::Relay => new BoardMark('outline', Mark::ColouredSide, self::PRACTICE),
            default => null,
        };
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
                Mark::Dot, Mark::Tab, Mark::RedEdge => 'pin 1',
                Mark::ColouredSide, Mark::Colour => 'outline',
            },
            $mark,
            self::PRACTICE,
        );
    }
}
