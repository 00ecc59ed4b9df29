<?php

declare(strict_types=1);

namespace Tests\Fuzz;

/** Something that takes input from strangers. */
interface Subject
{
    /** @return non-empty-list<string> good inputs */
    public function samples(): array;

    /** Takes one input. Refusing it in words is well; anything thrown from here is a fault. */
    public function take(string $input): void;
}
