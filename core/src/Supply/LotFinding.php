<?php

declare(strict_types=1);

namespace Chiralex\Supply;

/** What a piece of a lot was found to be. */
final readonly class LotFinding
{
    /**
     * @param list<string> $parts designators of the parts it may be instead
     * @param list<string> $readings what the mark says, where no part is it
     */
    public function __construct(public LotVerdict $verdict, public array $parts = [], public array $readings = []) {}
}
