<?php

declare(strict_types=1);

namespace Chiralex\Tests\Polarity;

use Chiralex\Part\Consequence;
use Chiralex\Part\Kind;
use Chiralex\Part\Kinds;
use Chiralex\Part\Mark;
use Chiralex\Polarity\Data\BoardMarkTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which mark of a part goes to what a board prints: common practice; symbols of IEC 60617 from memory. */
final class BoardMarkTest extends TestCase
{
    /** @return iterable<string, array{Kind, ?Mark, string, Mark}> kind, mark the maker names, print, mark that goes there */
    public static function marks(): iterable
    {
        yield 'the band of a diode to the bar' => [Kind::Diode, null, 'bar', Mark::Band];
        yield 'the long lead of an electrolytic to the plus' => [Kind::Electrolytic, null, 'plus', Mark::LongLead];
        yield 'the bar of a tantalum is positive' => [Kind::Tantalum, null, 'plus', Mark::Plus];
        yield 'the flat of an LED to the flat' => [Kind::Led, null, 'flat', Mark::Flat];
        yield 'notch to notch' => [Kind::Ic, null, 'notch', Mark::Notch];
        yield 'the dot of a network to pin 1' => [Kind::Network, null, 'pin 1', Mark::Dot];
        yield 'a red edge is pin 1' => [Kind::Cable, null, 'pin 1', Mark::RedEdge];
        yield 'a stripe the maker names goes to the filled half circle' => [
            Kind::Electrolytic,
            Mark::Stripe,
            'minus',
            Mark::Stripe,
        ];
        yield 'a dot the maker names on an IC' => [Kind::Ic, Mark::Dot, 'pin 1', Mark::Dot];
    }

    #[DataProvider('marks')]
    public function test_a_mark_goes_to_what_the_board_prints(Kind $kind, ?Mark $said, string $print, Mark $meets): void
    {
        $mark = BoardMarkTable::of(Kinds::of($kind), $said);

        self::assertSame([$print, $meets], [$mark?->print, $mark?->meets]);
        self::assertNotSame('', (string) $mark?->source);
    }

    public function test_parts_without_a_direction_have_none(): void
    {
        self::assertNull(BoardMarkTable::of(Kinds::of(Kind::Resistor)));
        self::assertNull(BoardMarkTable::of(Kinds::of(Kind::Ceramic)));
    }

    public function test_the_worse_of_two_consequences_counts(): void
    {
        self::assertSame(Consequence::CanHurt, Consequence::CanHurt->atLeast(Consequence::DestroysOthers));
        self::assertSame(
            Consequence::DestroysOthers,
            Consequence::WorksAfterTurning->atLeast(Consequence::DestroysOthers),
        );
    }
}
