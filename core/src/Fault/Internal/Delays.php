<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use DateTimeImmutable;

/**
 * How long after shipping reports come, learnt from reports that have come: late ones of young kits cannot have come yet, which the
 * reverse-time product limit takes into account.
 *
 * Source: D. Lynden-Bell, Monthly Notices of the Royal Astronomical Society 155 (1971) 95-118, from memory.
 */
final readonly class Delays
{
    /** Reports below which nothing is learnt. */
    public const LEAST = 20;

    public function __construct(private DateTimeImmutable $at) {}

    /** @param string $date `2026-06-04` */
    public function age(string $date): int
    {
        return (int) (new DateTimeImmutable($date))->diff($this->at)->format('%r%a');
    }

    /**
     * @param list<array{age: int, delay: int}> $reports days since the kit left, days until it was reported first
     * @return array<int, float> delay to the share of reports that have come by then, of those that ever come; empty below the least
     */
    public static function shares(array $reports): array
    {
        if (count($reports) < self::LEAST) {
            return [];
        }
        $at = array_count_values(array_column($reports, 'delay'));
        $ages = array_count_values(array_column($reports, 'age'));
        ksort($at);
        ksort($ages);
        // At risk of a delay: those that were as quick or quicker, without those whose kit is too young for it.
        $risk = [];
        $sooner = 0;
        foreach ($at as $delay => $here) {
            $sooner += $here;
            $tooYoung = 0;
            foreach ($ages as $age => $kits) {
                if ($age >= $delay) {
                    break;
                }
                $tooYoung += $kits;
            }
            $risk[$delay] = $sooner - $tooYoung;
        }
        $shares = [];
        $share = 1.0;
        foreach (array_reverse($at, true) as $delay => $here) {
            $shares[$delay] = $share;
            $share *= 1.0 - $here / max(1, $risk[$delay]);
        }
        ksort($shares);

        return $shares;
    }

    /**
     * @param array<int, float> $shares of ascending delays
     * @param int $age days since a kit left
     */
    public static function by(array $shares, int $age): float
    {
        $by = 0.0;
        foreach ($shares as $delay => $share) {
            if ($delay > $age) {
                break;
            }
            $by = $share;
        }

        return $by;
    }
}
