<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A measurement the builder makes. */
final readonly class Test
{
    /**
     * @param list<string> $points
     */
    public function __construct(
        public string $name,
        public ?string $gate,
        public string $power,
        public Meter $meter,
        public array $points,
        public string $expect,
        public ?string $adjusts,
        public string $otherwise,
    ) {}
}
