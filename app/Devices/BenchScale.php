<?php

declare(strict_types=1);

namespace App\Devices;

use Chiralex\Bagging\Packing\ScaleReading;

/** The scale of the packing bench. */
interface BenchScale
{
    /** @return list<ScaleReading> of the last seconds, in the order of time; none where it is off or not there */
    public function readings(): array;

    /** Seconds of the clock that the readings are timed by. */
    public function now(): float;
}
