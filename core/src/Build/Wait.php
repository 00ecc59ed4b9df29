<?php

declare(strict_types=1);

namespace Chiralex\Build;

/** Something that takes hours by itself: a varnish, a glue. */
final readonly class Wait
{
    /**
     * @param int $step number of the step that starts it
     * @param ?int $until number of the first step that has to wait for it; null where nothing does
     * @param float $meanwhile minutes of work done while it goes on
     * @param float $idle minutes nobody can work
     */
    public function __construct(
        public int $step,
        public string $name,
        public float $hours,
        public ?int $until,
        public float $meanwhile,
        public float $idle,
    ) {}
}
