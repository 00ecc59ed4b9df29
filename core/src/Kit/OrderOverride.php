<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** The maker's own place for parts in the order: anchored to parts, never to step numbers. */
final readonly class OrderOverride
{
    /**
     * @param list<string> $parts
     * @param list<string> $after empty: before everything
     */
    public function __construct(public array $parts, public array $after, public bool $sameStep) {}
}
