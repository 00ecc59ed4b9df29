<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What is put together, and in which order. */
final readonly class Assembly
{
    /**
     * @param list<Before> $before
     * @param list<list<string>> $subassemblies
     * @param list<Fixing> $fixings
     * @param list<Cover> $covers
     * @param list<SnapOff> $snapOffs
     */
    public function __construct(
        public array $before = [],
        public array $subassemblies = [],
        public array $fixings = [],
        public array $covers = [],
        public array $snapOffs = [],
    ) {}
}
