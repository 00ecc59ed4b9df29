<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What a builder of this kit may notice, in a builder's words. */
final readonly class OwnSymptom
{
    /** @param list<string> $blocks it points to */
    public function __construct(public string $name, public array $blocks) {}
}
