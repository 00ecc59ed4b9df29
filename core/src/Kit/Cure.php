<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** Something that has to dry or harden. */
final readonly class Cure
{
    /**
     * @param list<string> $of
     * @param list<string> $blocks what waits for it
     */
    public function __construct(
        public string $name,
        public array $of,
        public bool $beforeFitting,
        public float $hours,
        public array $blocks,
    ) {}
}
