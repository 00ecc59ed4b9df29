<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Packing\BinState;
use Chiralex\Bagging\Packing\BinWatch;
use Chiralex\Bagging\Packing\ScaleReading;
use Chiralex\Bagging\Weighing\LineMass;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Kit\Weighing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Resistors of 0.214 g, two for each kit, from a bin of 120 g on a scale of 0.01 g, ten readings a second. */
final class BinWatchTest extends TestCase
{
    private const PIECE = 0.214;

    /** @return iterable<string, array{list<ScaleReading>, float, BinState, int, int}> readings, now, what it is, pieces, kits */
    public static function stands(): iterable
    {
        $take = static fn(float $grams, float $pause = 1.0): array => [
            ...self::still(0.0, 2.0, 120.0),
            ...self::swing(2.0, $pause),
            ...self::still(2.0 + $pause, 1.0, 120.0 - $grams),
        ];
        yield 'pieces for four kits' => [$take(8 * self::PIECE), 4.0, BinState::Took, 8, 4];
        yield 'pieces for one kit' => [$take(2 * self::PIECE), 4.0, BinState::Took, 2, 1];
        yield 'one piece too few' => [$take(7 * self::PIECE), 4.0, BinState::Unclear, 7, 0];
        yield 'one piece too many' => [$take(9 * self::PIECE), 4.0, BinState::Unclear, 9, 0];
        yield 'between two counts' => [$take(8.4 * self::PIECE), 4.0, BinState::Unclear, 8, 0];
        yield 'more than the scale tells for sure' => [$take(200 * self::PIECE), 4.0, BinState::Unclear, 200, 0];
        yield 'a hand in the bin for nine seconds' => [$take(8 * self::PIECE, 9.0), 12.0, BinState::Took, 8, 4];
        yield 'a hand in the bin for eleven seconds' => [$take(8 * self::PIECE, 11.0), 14.0, BinState::TooLong, 8, 0];
        yield 'a piece put back' => [$take(-self::PIECE), 4.0, BinState::PutBack, 1, 0];
        yield 'three handfuls put back' => [$take(-6 * self::PIECE), 4.0, BinState::PutBack, 6, 0];
        yield 'more than is put back' => [$take(-7 * self::PIECE), 4.0, BinState::Refill, 7, 0];
        yield 'a bag of other parts poured in' => [$take(-2.5 * self::PIECE), 4.0, BinState::Refill, 3, 0];
        yield 'the bin lifted off' => [$take(120.0), 4.0, BinState::Lifted, 561, 0];
        yield 'a small bin lifted off, that was not tared' => [
            [...self::still(0.0, 2.0, 9.03), ...self::swing(2.0, 1.0), ...self::still(3.0, 1.0, 0.0)],
            4.0,
            BinState::Lifted,
            42,
            0,
        ];
        yield 'a tared bin lifted off' => [
            [...self::still(0.0, 2.0, 2.0), ...self::swing(2.0, 1.0), ...self::still(3.0, 1.0, -9.5)],
            4.0,
            BinState::Lifted,
            54,
            0,
        ];
        yield 'the last pieces of a tared bin' => [
            [...self::still(0.0, 2.0, 4 * self::PIECE), ...self::swing(2.0, 1.0), ...self::still(3.0, 1.0, 0.0)],
            4.0,
            BinState::Took,
            4,
            2,
        ];
        yield 'nothing happened' => [self::still(0.0, 3.0, 120.0), 3.0, BinState::Ready, 0, 0];
        yield 'still swinging' => [
            [...self::still(0.0, 1.0, 120.0), ...self::swing(1.0, 0.5)],
            1.5,
            BinState::Settling,
            0,
            0,
        ];
        yield 'just come to rest' => [
            [...self::still(0.0, 1.0, 120.0), ...self::swing(1.0, 0.5), ...self::still(1.5, 0.2, 119.0)],
            1.7,
            BinState::Settling,
            0,
            0,
        ];
        yield 'a word three seconds ago' => [self::still(0.0, 1.0, 120.0), 3.9, BinState::Ready, 0, 0];
        yield 'no word for longer' => [self::still(0.0, 1.0, 120.0), 4.0, BinState::Off, 0, 0];
        yield 'never a word' => [[], 0.0, BinState::Off, 0, 0];
        yield 'two divisions in five seconds' => [self::creep(0.02), 8.0, BinState::Ready, 0, 0];
        yield 'three divisions in five seconds' => [self::creep(0.03), 8.0, BinState::Creeping, 0, 0];
    }

    /** @param list<ScaleReading> $readings */
    #[DataProvider('stands')]
    public function test_what_the_bin_is_seen_to_do(
        array $readings,
        float $now,
        BinState $is,
        int $pieces,
        int $kits,
    ): void {
        $verdict = self::watch()->verdict($readings, $now);
        self::assertSame([$is, $pieces, $kits], [$verdict->state, $verdict->pieces, $verdict->kits]);
    }

    public function test_a_take_counts_once(): void
    {
        $readings = [
            ...self::still(0.0, 2.0, 120.0),
            ...self::swing(2.0, 1.0),
            ...self::still(3.0, 1.0, 120.0 - 4 * self::PIECE),
        ];
        $first = self::watch()->verdict($readings, 4.0);
        self::assertSame(BinState::Took, $first->state);
        $readings = [...$readings, ...self::still(4.0, 1.0, 120.0 - 4 * self::PIECE)];
        self::assertSame(BinState::Ready, self::watch()->verdict($readings, 5.0, $first->until)->state);
    }

    public function test_what_was_not_told_is_told_with_the_next_pieces(): void
    {
        $seven = [
            ...self::still(0.0, 1.0, 120.0),
            ...self::swing(1.0, 0.5),
            ...self::still(1.5, 1.0, 120.0 - 7 * self::PIECE),
        ];
        $open = self::watch()->verdict($seven, 2.5);
        self::assertSame(BinState::Unclear, $open->state);
        $later = self::still(40.0, 1.0, 120.0 - 7 * self::PIECE);
        $still = self::watch()->verdict($later, 41.0, $open->until, (float) $open->change);
        self::assertSame([BinState::Unclear, 7], [$still->state, $still->pieces], 'it is not forgotten');
        $eighth = [...$later, ...self::swing(41.0, 0.5), ...self::still(41.5, 1.0, 120.0 - 8 * self::PIECE)];
        $told = self::watch()->verdict($eighth, 42.5, $open->until, (float) $open->change);
        self::assertSame([BinState::Took, 4], [$told->state, $told->kits]);
    }

    public function test_a_piece_too_many_that_is_put_back_makes_the_handful_right(): void
    {
        $verdict = self::watch()->verdict(
            [
                ...self::still(0.0, 1.0, 120.0),
                ...self::swing(1.0, 0.5),
                ...self::still(1.5, 1.0, 120.0 - 5 * self::PIECE),
                ...self::swing(2.5, 0.5),
                ...self::still(3.0, 1.0, 120.0 - 4 * self::PIECE),
            ],
            4.0,
        );
        self::assertSame([BinState::Took, 2], [$verdict->state, $verdict->kits]);
    }

    public function test_drift_over_minutes_moves_no_count(): void
    {
        $readings = [];
        for ($i = 0; $i < 1200; ++$i) {
            $readings[] = new ScaleReading($i / 10, round(120.0 - 0.0005 * $i, 2));
        }
        $readings = [...$readings, ...self::swing(120.0, 1.0), ...self::still(121.0, 1.0, 119.4 - 4 * self::PIECE)];
        $verdict = self::watch()->verdict($readings, 122.0);
        self::assertSame([BinState::Took, 2], [$verdict->state, $verdict->kits]);
    }

    public function test_of_four_thousand_handfuls_with_noise_and_scatter_hardly_one_is_counted_wrong(): void
    {
        mt_srand(1901);
        $wrong = $sure = 0;
        for ($i = 0; $i < 4000; ++$i) {
            $pieces = mt_rand(1, 40);
            $grams = 0.0;
            for ($piece = 0; $piece < $pieces; ++$piece) {
                $grams += self::PIECE + 0.002 * self::normal();
            }
            $noise = static fn(): float => round(0.005 * self::normal(), 2);
            $verdict = self::watch()->verdict(
                [
                    ...self::still(0.0, 1.0, 120.0 + $noise()),
                    ...self::swing(1.0, 0.5),
                    ...self::still(1.5, 1.0, round(120.0 - $grams, 2) + $noise()),
                ],
                2.5,
            );
            if ($verdict->state === BinState::Took) {
                ++$sure;
                $wrong += $verdict->kits * 2 === $pieces ? 0 : 1;
            }
        }
        self::assertGreaterThan(1500, $sure, 'every second one is for whole kits');
        self::assertLessThanOrEqual(4, $wrong, 'sure to 0.999');
    }

    public function test_a_heavy_part_is_taken_for_more_kits_than_one_that_the_scale_hardly_feels(): void
    {
        self::assertGreaterThan(15, self::watch()->handful());
        self::assertSame(0, self::watch(0.01)->handful());
    }

    private static function watch(float $piece = self::PIECE): BinWatch
    {
        $weighings = [];
        foreach ([10, 10, 20, 20, 40, 40] as $i => $n) {
            $weighings[] = new Weighing('R1', $n, $n * $piece + ($i % 2 === 0 ? 0.01 : -0.01));
        }
        $mass = LineMass::of($weighings, 0.01);
        self::assertNotNull($mass);

        return new BinWatch($mass, new Scale(0.01, 0.005), 2);
    }

    /** @return list<ScaleReading> */
    private static function still(float $from, float $seconds, float $grams): array
    {
        return array_map(
            static fn(int $i): ScaleReading => new ScaleReading($from + $i / 10, round($grams, 2)),
            range(0, (int) round($seconds * 10) - 1),
        );
    }

    /** @return list<ScaleReading> a hand in the bin */
    private static function swing(float $from, float $seconds): array
    {
        return array_map(
            static fn(int $i): ScaleReading => new ScaleReading($from + $i / 10, 118.0 + 5 * ($i % 2), false),
            range(0, (int) round($seconds * 10) - 1),
        );
    }

    /** @return list<ScaleReading> */
    private static function creep(float $grams): array
    {
        return array_map(
            static fn(int $i): ScaleReading => new ScaleReading(
                $i / 10,
                round(120.0 + ($grams * max(0, $i - 30)) / 50, 2),
            ),
            range(0, 80),
        );
    }

    private static function normal(): float
    {
        return sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_000)) * cos(2 * M_PI * (mt_rand() / mt_getrandmax()));
    }
}
