<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

/** Blocks of the circuit that items belong to. */
final readonly class ItemBlocks
{
    /**
     * @param list<string> $of block name of each item, empty without one
     * @param list<string> $order names of blocks as declared
     */
    public function __construct(public array $of, public array $order) {}
}
