<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What a kit is as an electrical thing. */
final readonly class KitNature
{
    /**
     * @param list<Hazard> $hazards that the maker says the kit has: `traits` of kit.json
     * @param array<string, string> $ruledOut hazards the maker says the kit has not, with why
     * @param bool $boardless parts in a case, joined by wires alone
     */
    public function __construct(
        public Circuit $circuit = new Circuit(),
        public ?PowerSupply $power = null,
        public array $hazards = [],
        public array $ruledOut = [],
        public bool $boardless = false,
    ) {}
}
