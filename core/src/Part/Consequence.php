<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** What happens when a part is fitted the wrong way round, mildest first. */
enum Consequence: string
{
    case WorksAfterTurning = 'works-after-turning';
    case ItselfDamaged = 'itself-damaged';
    case DestroysOthers = 'destroys-others';
    case CanHurt = 'can-hurt';

    /** The worse of two. */
    public function atLeast(self $other): self
    {
        return array_search($this, self::cases(), true) >= array_search($other, self::cases(), true) ? $this : $other;
    }
}
