<?php

declare(strict_types=1);

namespace ChiralexCli;

/** What a verb gives: a document, and whether something in it blocks. */
final readonly class Outcome
{
    /** @param array<string, mixed> $document */
    public function __construct(public array $document, public bool $blocks = false) {}
}
