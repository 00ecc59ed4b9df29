<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Bagging\Packing\ScaleReading;

/** A time in which a scale stood still. */
final readonly class Plateau
{
    /** Readings that its value is the middle of: the newest, or the oldest. */
    private const SOME = 5;
    /** Seconds that a scale has to stand still before it is believed; common practice, no source. */
    private const STILL = 0.4;

    /** @param non-empty-list<ScaleReading> $readings */
    private function __construct(private array $readings) {}

    /**
     * @param list<ScaleReading> $readings in the order of time
     * @param float $step grams between two neighbours from which on something happened
     * @return list<self>
     */
    public static function all(array $readings, float $step): array
    {
        $plateaus = $now = [];
        $last = null;
        foreach ($readings as $reading) {
            $goesOn =
                $last !== null && $last->isStable && $reading->isStable && abs($reading->grams - $last->grams) < $step;
            if (!$goesOn && $now !== []) {
                $plateaus[] = new self($now);
                $now = [];
            }
            if ($reading->isStable) {
                $now[] = $reading;
            }
            $last = $reading;
        }

        return $now === [] ? $plateaus : [...$plateaus, new self($now)];
    }

    /**
     * @param list<ScaleReading> $readings in the order of time
     * @return list<self> those long enough to be believed
     */
    public static function believed(array $readings, float $step): array
    {
        return array_values(
            array_filter(self::all($readings, $step), static fn(self $each): bool => $each->seconds() >= self::STILL),
        );
    }

    public function from(): float
    {
        return $this->readings[0]->at;
    }

    public function until(): float
    {
        return $this->readings[count($this->readings) - 1]->at;
    }

    public function seconds(): float
    {
        return $this->until() - $this->from();
    }

    /** What it showed at its end, grams. */
    public function late(): float
    {
        return self::middle(array_slice($this->readings, -self::SOME));
    }

    /** What it showed at its beginning, grams. */
    public function early(): float
    {
        return self::middle(array_slice($this->readings, 0, self::SOME));
    }

    /** How far it went in its last seconds, grams. */
    public function creep(float $seconds): float
    {
        $late = array_values(
            array_filter($this->readings, fn(ScaleReading $reading): bool => $reading->at >= $this->until() - $seconds),
        );

        return $late === [] ? 0.0 : abs($late[count($late) - 1]->grams - $late[0]->grams);
    }

    /** @param list<ScaleReading> $readings some at least */
    private static function middle(array $readings): float
    {
        $grams = array_map(static fn(ScaleReading $reading): float => $reading->grams, $readings);
        sort($grams);

        return $grams[intdiv(count($grams), 2)] ?? 0.0;
    }
}
