<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Cutting;

/** Pieces of one length from one stock. */
final readonly class CutPieces
{
    /**
     * @param list<string> $of designators, names of wires, or what the maker calls them
     * @param float $length in the unit of the stock
     * @param int $count for all kits
     */
    public function __construct(public array $of, public float $length, public int $count) {}
}
