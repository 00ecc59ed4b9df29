<?php

declare(strict_types=1);

namespace Chiralex\Marking;

use Chiralex\Reason\Reason;

/** How easily one part is taken for another, 0 to 1, and why. */
final readonly class Confusion
{
    /** From here on two parts count as look-alikes. */
    public const THRESHOLD = 0.6;

    public function __construct(public float $degree, public Reason $reason) {}

    public function isLookAlike(): bool
    {
        return $this->degree >= self::THRESHOLD;
    }
}
