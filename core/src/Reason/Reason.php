<?php

declare(strict_types=1);

namespace Chiralex\Reason;

/**
 * Why a derived fact is what it is: a code whose sentence is kept outside the core, its numbers, and where they came from.
 */
final readonly class Reason
{
    /** @param array<string, string|int|float|list<string>> $args */
    public function __construct(
        public string $code,
        public array $args = [],
        public Origin $origin = Origin::Computed,
    ) {}
}
