<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Packing\KeyPace;
use Chiralex\Bagging\Packing\PackTimes;
use PHPUnit\Framework\TestCase;

final class KeyPaceTest extends TestCase
{
    public function test_the_median_key_says_how_quick_the_hands_are_and_a_pause_says_nothing(): void
    {
        $times = KeyPace::of(self::keys(12, 5, 3.6, 16.6));
        self::assertNotNull($times);
        $usual = new PackTimes();
        // Two pieces and their place: 3.6 s instead of 2.6; the way to the next bin: 16.6 less 3.6, 13 s instead of 6.5.
        self::assertEqualsWithDelta(($usual->count * 3.6) / 2.6, $times->count, 1e-9);
        self::assertEqualsWithDelta(($usual->place * 3.6) / 2.6, $times->place, 1e-9);
        self::assertEqualsWithDelta(2.0 * $usual->walk, $times->walk, 1e-9);
        self::assertSame($usual->close, $times->close, 'nobody presses a key at it');
        $paused = self::keys(12, 5, 3.6, 16.6);
        foreach (array_keys($paused) as $i) {
            $paused[$i]['at'] += $i >= 30 ? 1800.0 : 0.0;
        }
        self::assertEqualsWithDelta($times, KeyPace::of($paused), 1e-9);
    }

    public function test_five_kits_in_one_handful_share_the_time_of_the_hand(): void
    {
        $keys = [];
        for ($line = 0, $at = 0.0; $line < 12; ++$line) {
            for ($hand = 0; $hand < 5; ++$hand) {
                $at += $hand === 0 ? 26.0 : 13.0;
                for ($kit = 0; $kit < 5; ++$kit) {
                    $keys[] = ['run' => 1, 'line' => $line, 'at' => $at + 0.01 * $kit, 'pieces' => 2];
                }
            }
        }
        $times = KeyPace::of($keys);
        self::assertNotNull($times);
        self::assertEqualsWithDelta(2.6, 2 * $times->count + $times->place, 0.02);
        self::assertEqualsWithDelta(13.0, $times->walk + $times->grip, 0.2);
    }

    public function test_too_few_keys_teach_nothing(): void
    {
        self::assertNull(KeyPace::of([]));
        self::assertNull(KeyPace::of(self::keys(10, 5, 3.0, 9.0)), 'nine ways to another bin');
        self::assertNotNull(KeyPace::of(self::keys(11, 5, 3.0, 9.0)));
        self::assertNull(KeyPace::of(self::keys(13, 4, 3.0, 9.0)), 'thirty-nine keys at the same bin');
        self::assertNull(KeyPace::of(self::keys(12, 5, 3.0, 3.0)), 'another bin in no time');
    }

    /** @return list<array{run: int, line: int, at: float, pieces: int}> */
    private static function keys(int $lines, int $kits, float $same, float $other): array
    {
        $keys = [];
        $at = 0.0;
        for ($line = 0; $line < $lines; ++$line) {
            for ($kit = 0; $kit < $kits; ++$kit) {
                $at += $kit === 0 ? $other : $same;
                $keys[] = ['run' => 1, 'line' => $line, 'at' => $at, 'pieces' => 2];
            }
        }

        return $keys;
    }
}
