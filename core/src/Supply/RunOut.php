<?php

declare(strict_types=1);

namespace Chiralex\Supply;

use Chiralex\Statistics\Gamma;

/**
 * When the kits on hand are sold. Orders come as a Poisson process whose rate is not known: Gamma distributed, from the kits of the weeks
 * that were counted, with Jeffreys' prior of half a kit. The time until the last kit goes is then so many weeks times a beta prime, and
 * its share before a day is the regularised incomplete beta function. Gelman and others, Bayesian Data Analysis, 2.6, from memory.
 */
final readonly class RunOut
{
    private const PRIOR = 0.5;
    /** Days; what is later is not told. */
    public const FAR = 1096;
    private const HALVINGS = 60;

    /**
     * @param ?int $earliest days from today, before which one time in twenty the last kit is gone; null beyond `FAR`
     * @param ?int $middle before which it is gone as often as not
     * @param ?int $latest before which it is gone nineteen times in twenty
     */
    private function __construct(public ?int $earliest, public ?int $middle, public ?int $latest) {}

    /**
     * @param int $ordered kits ordered in those weeks, at least 0
     * @param int $weeks that were counted, at least 1
     * @param int $left kits that nobody has ordered yet; below 1 they are gone today
     */
    public static function of(int $ordered, int $weeks, int $left): self
    {
        if ($left < 1) {
            return new self(0, 0, 0);
        }
        $day = static fn(float $share): ?int => self::day($share, $ordered, $weeks, $left);

        return new self($day(0.05), $day(0.5), $day(0.95));
    }

    private static function day(float $share, int $ordered, int $weeks, int $left): ?int
    {
        [$low, $high] = [0.0, 1.0];
        for ($round = 0; $round < self::HALVINGS; ++$round) {
            $middle = 0.5 * ($low + $high);
            if (Gamma::beta($middle, (float) $left, $ordered + self::PRIOR) < $share) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }
        $days = $high < 1.0 ? 7.0 * $weeks * ($high / (1.0 - $high)) : INF;

        return $days > self::FAR ? null : (int) floor($days + 1e-9);
    }
}
