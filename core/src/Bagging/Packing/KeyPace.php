<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Packing;

/**
 * How long the moves of packing take, from the keys of runs that went line by line. Medians, so that a pause or a telephone call says
 * nothing; keys that came together, as a handful on the scale gives them, share the time before them.
 */
final readonly class KeyPace
{
    /** Seconds between two keys of one handful. */
    private const TOGETHER = 0.4;
    /** Seconds after which it was a pause. */
    private const PAUSE = 120.0;
    /** Fewer than these teach nothing; common practice, no source. */
    private const SAME = 40;
    private const OTHER = 10;

    /**
     * @param list<array{run: int, line: int, at: float, pieces: int}> $keys by run, in the order they were pressed; seconds
     * @return ?PackTimes null while there are too few
     */
    public static function of(array $keys): ?PackTimes
    {
        $same = $other = $pieces = [];
        $bursts = self::bursts($keys);
        for ($i = 1; $i < count($bursts); ++$i) {
            [$before, $now] = [$bursts[$i - 1], $bursts[$i]];
            $seconds = $now['at'] - $before['until'];
            if ($before['run'] !== $now['run'] || $seconds > self::PAUSE || $seconds < 0.0) {
                continue;
            }
            if ($before['line'] === $now['line']) {
                $same[] = $seconds / $now['keys'];
                $pieces[] = (float) $now['pieces'];
            } else {
                $other[] = ['seconds' => $seconds, 'keys' => $now['keys'], 'pieces' => $now['pieces']];
            }
        }
        if (count($same) < self::SAME || count($other) < self::OTHER) {
            return null;
        }
        $usual = new PackTimes();
        $faster = self::median($same) / (self::median($pieces) * $usual->count + $usual->place);
        $starts = array_map(
            static fn(array $each): float => max(
                0.0,
                $each['seconds'] - $each['keys'] * $faster * ($each['pieces'] * $usual->count + $usual->place),
            ),
            $other,
        );
        $start = self::median($starts) / ($usual->walk + $usual->grip);
        if ($start <= 0.0) {
            // Nobody is at another bin in no time: these keys were not pressed at a bench.
            return null;
        }

        return new PackTimes(
            $usual->walk * $start,
            $usual->grip * $start,
            $usual->count * $faster,
            $usual->place * $faster,
            $usual->layOut,
            $usual->close,
            $usual->check,
        );
    }

    /**
     * @param list<array{run: int, line: int, at: float, pieces: int}> $keys
     * @return list<array{run: int, line: int, at: float, until: float, keys: int, pieces: int}>
     */
    private static function bursts(array $keys): array
    {
        $bursts = [];
        $now = null;
        foreach ($keys as $key) {
            $goesOn =
                $now !== null &&
                $now['run'] === $key['run'] &&
                $now['line'] === $key['line'] &&
                $key['at'] - $now['until'] < self::TOGETHER;
            if ($goesOn) {
                $now = ['until' => $key['at'], 'keys' => $now['keys'] + 1] + $now;
                continue;
            }
            if ($now !== null) {
                $bursts[] = $now;
            }
            $now = $key + ['until' => $key['at'], 'keys' => 1];
        }
        if ($now !== null) {
            $bursts[] = $now;
        }

        return $bursts;
    }

    /** @param list<float> $numbers some at least */
    private static function median(array $numbers): float
    {
        sort($numbers);
        $middle = intdiv(count($numbers), 2);

        return count($numbers) % 2 === 1
            ? $numbers[$middle] ?? 0.0
            : (($numbers[$middle - 1] ?? 0.0) + ($numbers[$middle] ?? 0.0)) / 2.0;
    }
}
