<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

use Chiralex\Part\Consequence;

/** What happens when a part was fitted the wrong way round. */
final readonly class Reversal
{
    /** @param list<string> $replace parts to replace together */
    public function __construct(public Consequence $consequence, public array $replace = []) {}
}
