<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A choice the customer has: a box drilled or plain, a battery or a jack. */
final readonly class Option
{
    /** @param non-empty-array<string, list<string>> $values name of a value to the designators that come with it */
    public function __construct(
        public string $name,
        public array $values,
        public string $default,
        public string $chosen,
    ) {}
}
