<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What the maker says of parts that belong together. */
final readonly class Groups
{
    /**
     * @param array<string, string> $sockets IC to its socket
     * @param list<array{string, string}> $before first, then
     * @param list<list<string>> $subassemblies
     * @param list<array{by: string, holds: list<string>}> $fixings
     * @param list<array{by: string, parts: list<string>, plasticLast: list<string>}> $panels
     * @param array<string, list<string>> $blocks
     * @param list<array{by: string, over: list<string>}> $covers
     * @param list<array{name: string, of: list<string>, beforeFitting: bool, hours: float, blocks: list<string>}> $cures
     * @param list<array{board: string, before: list<string>}> $snapOffs
     * @param list<array{parts: list<string>, maxDifference: string}> $selected parts measured and paired before packing
     */
    public function __construct(
        public array $sockets = [],
        public array $before = [],
        public array $subassemblies = [],
        public array $fixings = [],
        public array $panels = [],
        public array $blocks = [],
        public array $covers = [],
        public array $cures = [],
        public array $snapOffs = [],
        public array $selected = [],
    ) {}
}
