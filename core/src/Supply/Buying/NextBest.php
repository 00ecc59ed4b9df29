<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

/** The least that the whole plan would cost with one line from another supplier. */
final readonly class NextBest
{
    public function __construct(public int $supplier, public int $pieces, public int $total) {}
}
