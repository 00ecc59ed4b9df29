<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Review\BoxMatters;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A board of 80 by 60 mm in boxes of several sizes; what walls take is common practice, no source. */
final class BoxMattersTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> row of the box, its room where the board does not fit */
    public static function boxes(): iterable
    {
        yield 'room enough' => ['BOX1,110x80x40,,enclosure', []];
        yield 'it just goes in' => ['BOX1,84 x 64 x 30 mm,,enclosure', []];
        yield 'too short by a hair' => ['BOX1,83.9x64x30,,enclosure', ['79.9 × 60']];
        yield 'too narrow' => ['BOX1,120x63x30,,enclosure', ['116 × 59']];
        yield 'standing on its side it goes in' => ['BOX1,30x84x64,,enclosure', []];
        yield 'a size that nobody says' => ['BOX1,plain,,enclosure', []];
    }

    /** @param list<string> $room */
    #[DataProvider('boxes')]
    public function test_a_board_goes_into_its_box(string $row, array $room): void
    {
        $kit = KitMaker::kit(['R1,1k,Axial 1/4W,', $row], ['R1,10,10,0,top']);

        self::assertSame($room, array_column(Told::by(new BoxMatters(), $kit, 'parts.box-small'), 'room'));
    }
}
