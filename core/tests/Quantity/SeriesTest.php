<?php

declare(strict_types=1);

namespace Chiralex\Tests\Quantity;

use Chiralex\Quantity\Data\SeriesTable;
use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Series;
use Chiralex\Quantity\Unit;
use PHPUnit\Framework\TestCase;

/** IEC 60063, recomputed by its rounding rule and its listed exceptions. */
final class SeriesTest extends TestCase
{
    public function test_e24_is_the_rounded_series_but_for_its_published_exceptions(): void
    {
        $rounded = array_map(static fn(int $i): int => (int) round(10 ** ($i / 24) * 10), range(0, 23));
        $exceptions = [10 => 27, 11 => 30, 12 => 33, 13 => 36, 14 => 39, 15 => 43, 16 => 47, 22 => 82];

        self::assertSame(array_replace($rounded, $exceptions), SeriesTable::E24);
    }

    public function test_e192_holds_e96_and_e48_and_920_in_place_of_919(): void
    {
        $e192 = SeriesTable::members(192);

        self::assertSame([], array_diff(SeriesTable::members(96), $e192));
        self::assertSame([], array_diff(SeriesTable::members(48), SeriesTable::members(96)));
        self::assertContains(920, $e192);
        self::assertNotContains(919, $e192);
        self::assertCount(192, array_unique($e192));
    }

    public function test_a_value_knows_its_series_and_its_neighbour(): void
    {
        $names = static fn(string $ohms): array => array_map(
            static fn(Series $series): string => $series->name,
            Series::of(EngineeringValue::of($ohms, Unit::Ohm)),
        );

        self::assertSame(['E3', 'E6', 'E12', 'E24', 'E192'], $names('4700'));
        self::assertSame(['E96', 'E192'], $names('4990'));
        self::assertSame([], $names('4321'));
        self::assertSame('470', Series::E12->nearest(EngineeringValue::of('500', Unit::Ohm))->plain());
    }
}
