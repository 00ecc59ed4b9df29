<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Kit\PartCount;
use Chiralex\Reason\Station;
use Chiralex\Review\NotBegun;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NotBegunTest extends TestCase
{
    /** @return iterable<string, array{list<string>, list<string>, array<string, mixed>, list<string>}> */
    public static function kits(): iterable
    {
        $placed = ['R1,10,10,0,top'];
        yield 'a list that nobody placed yet' => [['R1,10k,,'], [], [], ['board', 'order', 'marks', 'bench', 'manual']];
        yield 'placed, and nothing is measured' => [['R1,10k,,'], $placed, [], ['bench']];
        yield 'a test begins the bench' => [['R1,10k,,'], $placed, ['tests' => [['name' => 'rail']]], []];
        yield 'a gate begins the bench' => [
            ['R1,10k,,'],
            $placed,
            ['gates' => [['name' => 'supply', 'needs' => ['R1']]]],
            [],
        ];
        yield 'a test without a board does not' => [
            ['R1,10k,,'],
            [],
            ['tests' => [['name' => 'rail']]],
            ['board', 'order', 'marks', 'bench', 'manual'],
        ];
        yield 'what lies loose is not on the board' => [
            ['R1,10k,,', 'M1,M3x6,,screw'],
            [],
            [],
            ['board', 'order', 'marks', 'bench', 'manual'],
        ];
    }

    /**
     * @param list<string> $bom
     * @param list<string> $placements
     * @param array<string, mixed> $json
     * @param list<string> $expected
     */
    #[DataProvider('kits')]
    public function test_a_station_begins_with_what_it_judges(
        array $bom,
        array $placements,
        array $json,
        array $expected,
    ): void {
        $stations = NotBegun::stations(KitMaker::kit($bom, $placements, $json));

        self::assertSame($expected, array_map(static fn(Station $station): string => $station->value, $stations));
    }

    public function test_parts_and_pieces_are_counted_once_for_every_room(): void
    {
        $count = PartCount::of(KitMaker::kit(['R1 R2,10k,,', 'C1,100n,,', 'D1,not fitted,,diode']));

        self::assertSame([3, 3, 4], [$count->lines, $count->parts, $count->pieces]);
    }
}
