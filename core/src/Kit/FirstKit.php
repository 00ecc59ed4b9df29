<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** The first kit, packed and built from the printed list alone, and what the list got wrong. */
final readonly class FirstKit
{
    /** @param array<string, int> $off part to pieces left over (above nought) or missing (below); what is put right is taken out */
    public function __construct(public bool $done = false, public array $off = []) {}
}
