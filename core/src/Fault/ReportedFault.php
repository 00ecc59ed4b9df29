<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** What a report turned out to be. */
final readonly class ReportedFault
{
    /**
     * @param ?string $symptom a general one by its code or the kit's own; null while nobody has looked at it
     * @param list<JudgedCause> $causes
     */
    public function __construct(public ?string $symptom, public array $causes = []) {}
}
