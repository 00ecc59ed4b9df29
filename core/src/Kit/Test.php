<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A measurement the builder makes. */
final readonly class Test
{
    /**
     * @param list<string> $points
     * @param string $accuracy of the instrument, `0.5 %`, or empty
     */
    public function __construct(
        public string $name,
        public ?string $gate,
        public string $power,
        public string $instrument,
        public array $points,
        public string $settings,
        public string $expect,
        public ?string $adjusts,
        public string $otherwise,
        public string $accuracy = '',
    ) {}
}
