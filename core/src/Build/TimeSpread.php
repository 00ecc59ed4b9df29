<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Build\Internal\StepFacts;
use Chiralex\Kit\Kit;

/** How far builders of a kit lie apart in their time, as a share of it: common practice, drawn towards the logged builds. */
final readonly class TimeSpread
{
    public static function of(Kit $kit): float
    {
        return (new StepFacts($kit))->spread();
    }
}
