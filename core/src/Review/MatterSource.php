<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Reason\Matter;

/** One family of things to settle. */
interface MatterSource
{
    /** @return list<Matter> */
    public function matters(Subject $subject): array;
}
