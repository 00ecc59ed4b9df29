<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Packing;

use Chiralex\Bagging\Internal\Plateau;

/** The check mass was laid on: what the scale shows of it is the last step between two stands. */
final readonly class CheckMass
{
    /** Divisions that it may be off; common practice, no source. */
    public const MAY_BE_OFF = 2.0;
    /** From a step of this share of the mass on it is the mass, and not what a bin does by itself. */
    private const SHARE = 0.25;

    /**
     * @param float $mass grams that are laid on
     * @param float $division grams
     */
    public function __construct(private float $mass, private float $division) {}

    /**
     * @param list<ScaleReading> $readings in the order of time
     * @return ?float grams that it shows; null while it does not stand, 0 where nothing was laid on
     */
    public function shown(array $readings): ?float
    {
        $last = $readings[count($readings) - 1] ?? null;
        $stands = Plateau::believed($readings, max($this->mass * self::SHARE, $this->division));
        $present = array_pop($stands);
        if ($last === null || $present === null || $present->until() < $last->at) {
            return null;
        }
        $before = array_pop($stands);

        return $before === null ? 0.0 : round($present->early() - $before->late(), 4);
    }

    public function isRight(float $shown): bool
    {
        return abs($shown - $this->mass) <= self::MAY_BE_OFF * $this->division + 1e-9;
    }
}
