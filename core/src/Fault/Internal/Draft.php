<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Fault\Cause;

/** A suspect before it is known what it shows. */
final readonly class Draft
{
    /**
     * @param list<string> $designators parts, or names of wires
     * @param array<array-key, float> $sits part to the chance that it sits there, together 1; empty where it has no place
     */
    public function __construct(
        public string $name,
        public Cause $class,
        public array $designators,
        public float $odds,
        public ?int $step = null,
        public array $sits = [],
    ) {}

    /** Whether it is a matter of this part, or of this wire. */
    public function isOf(string $designator): bool
    {
        return in_array($designator, $this->designators, true);
    }
}
