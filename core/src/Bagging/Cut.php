<?php

declare(strict_types=1);

namespace Chiralex\Bagging;

/** What is cut from stock for one kit. */
final readonly class Cut
{
    /**
     * @param string $what colour or type of the stock
     * @param int $pieces how many
     * @param float $length millimetres of each piece
     * @param list<string> $names what they become
     */
    public function __construct(public string $what, public int $pieces, public float $length, public array $names) {}
}
