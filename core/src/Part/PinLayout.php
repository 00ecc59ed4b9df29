<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** Pin places of the usual rows, in millimetres at rotation 0. */
final readonly class PinLayout
{
    /** @return array<array-key, array{float, float}> two pins on the x axis, pin 1 at the left */
    public static function pair(float $pitch): array
    {
        return ['1' => [-$pitch / 2, 0.0], '2' => [$pitch / 2, 0.0]];
    }

    /** @return array<array-key, array{float, float}> one row along x, pin 1 at the left */
    public static function row(int $count, float $pitch): array
    {
        $pins = [];
        for ($i = 0; $i < $count; ++$i) {
            $pins[(string) ($i + 1)] = [($i - ($count - 1) / 2) * $pitch, 0.0];
        }

        return $pins;
    }

    /** @return array<array-key, array{float, float}> two columns along y counted as a DIP is: pin 1 upper left, down, then up on the right */
    public static function dual(int $count, float $pitch, float $spacing): array
    {
        $half = intdiv($count, 2);
        $pins = [];
        for ($i = 0; $i < $half; ++$i) {
            $y = (($half - 1) / 2 - $i) * $pitch;
            $pins[(string) ($i + 1)] = [-$spacing / 2, $y];
            $pins[(string) ($count - $i)] = [$spacing / 2, $y];
        }
        ksort($pins, SORT_NUMERIC);

        return $pins;
    }

    /** @return array<array-key, array{float, float}> header of rows along x, odd pins in the lower row */
    public static function grid(int $rows, int $columns, float $pitch): array
    {
        $pins = [];
        for ($i = 0; $i < $columns; ++$i) {
            for ($j = 0; $j < $rows; ++$j) {
                $pins[(string) ($i * $rows + $j + 1)] = [
                    ($i - ($columns - 1) / 2) * $pitch,
                    ($j - ($rows - 1) / 2) * $pitch,
                ];
            }
        }

        return $pins;
    }
}
