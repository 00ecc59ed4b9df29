<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** Pieces that follow from no part and no wire: one for each name, in every kit. */
final readonly class CutAsked
{
    /**
     * @param string $stock name of what it is cut from
     * @param list<string> $of what the pieces are for
     * @param float $length in the unit of the stock
     */
    public function __construct(public string $stock, public array $of, public float $length) {}
}
