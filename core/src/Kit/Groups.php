<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What the maker says of parts that belong together. */
final readonly class Groups
{
    /**
     * @param array<string, string> $sockets IC to its socket
     * @param list<Panel> $panels
     * @param array<string, list<string>> $blocks
     * @param list<Cure> $cures
     * @param list<Selected> $selected
     * @param list<array{string, string}> $mates connectors, modules and displays that are plugged together and hold each other straight
     */
    public function __construct(
        public array $sockets = [],
        public array $panels = [],
        public array $blocks = [],
        public array $cures = [],
        public array $selected = [],
        public Assembly $assembly = new Assembly(),
        public array $mates = [],
    ) {}
}
