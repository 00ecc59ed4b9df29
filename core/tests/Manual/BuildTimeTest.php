<?php

declare(strict_types=1);

namespace Chiralex\Tests\Manual;

use Chiralex\Build\TimeSpread;
use Chiralex\Kit\KitReader;
use Chiralex\Manual\BuildTime;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a builder plans for; the minutes of the pieces are common practice, no source. */
final class BuildTimeTest extends TestCase
{
    public function test_what_stands_in_no_step_is_counted_too(): void
    {
        $kit = KitMaker::kit(
            ['R1,1k,Axial 1/4W,', '"R2,R3",2k2,Axial 1/4W,', 'BOX1,box,,enclosure'],
            ['R1,10,10,0,top', 'R2,10,20,0,top', 'R3,10,30,0,top'],
            [
                'drilling' => [
                    ['by' => 'BOX1', 'size' => [80, 60], 'holes' => [['for' => 'R1', 'at' => [1, 1]]]],
                    ['by' => 'BOX9', 'size' => [80, 60], 'holes' => [['for' => 'R1', 'at' => [1, 1]]]],
                ],
            ],
        );
        $time = BuildTime::of($kit, KitMaker::order($kit));

        // Three lines of four pieces; one hole, for the other box is not in the kit; one board; table and tools.
        self::assertEqualsWithDelta(
            [0.87, 2.5, 2.5, 8.0],
            [$time->contents, $time->drilling, $time->cleaning, $time->tidying],
            1e-9,
        );
        self::assertEqualsWithDelta($time->steps + 13.87, $time->total(), 1e-9);
        self::assertEqualsWithDelta(
            [0.85 * $time->total(), 1.15 * $time->total()],
            [$time->low(), $time->high()],
            1e-9,
        );
    }

    public function test_practised_builders_are_quicker_in_all_of_it(): void
    {
        $rows = ['R1,1k,Axial 1/4W,', 'R2,2k2,Axial 1/4W,'];
        $usual = KitMaker::kit($rows);
        $quick = KitMaker::kit($rows, [], ['settings' => ['skill' => 'practised']]);

        self::assertEqualsWithDelta(
            0.55 * BuildTime::of($usual, KitMaker::order($usual))->total(),
            BuildTime::of($quick, KitMaker::order($quick))->total(),
            0.1,
        );
    }

    /** @return iterable<string, array{list<float>, float}> whole builds over the usual, the spread */
    public static function builds(): iterable
    {
        // Recomputed: the usual share of 0.15 weighs as much as two builds; the mean of the builds themselves is no spread.
        yield 'none' => [[], 0.15];
        yield 'one says nothing of a spread' => [[2.0], 0.15];
        yield 'two alike' => [[1.2, 1.2], sqrt(0.045 / 3)];
        yield 'two apart' => [[0.5, 1.5], sqrt((0.045 + 0.5) / 3)];
    }

    /** @param list<float> $ratios */
    #[DataProvider('builds')]
    public function test_builds_by_the_stopwatch_move_the_spread(array $ratios, float $spread): void
    {
        $log = "build,step,minutes\n";
        foreach ($ratios as $index => $ratio) {
            $log .= sprintf("%d,solder:R1,%s\n", $index + 1, $ratio * 0.77);
        }
        $kit = (new KitReader())->read(KitMaker::files(['R1,1k,Axial 1/4W,']) + ['pilot.csv' => $log]);

        self::assertEqualsWithDelta($spread, TimeSpread::of($kit), 1e-9);
    }
}
