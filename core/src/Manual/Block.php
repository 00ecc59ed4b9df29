<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Kit\Test;

/** One block of the circuit, for the pages that tell how the kit works. */
final readonly class Block
{
    /**
     * @param list<string> $parts designators of the kit, in the order the maker named them
     * @param list<int> $steps numbers of the steps that fit them
     * @param list<Test> $tests that measure in it, set it, or have it as their gate's need
     */
    public function __construct(public string $name, public array $parts, public array $steps, public array $tests) {}
}
