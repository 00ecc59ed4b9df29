<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** A question customers ask, and its answer. */
final readonly class FaqEntry
{
    /**
     * @param string $symptom a general one by its code, or the kit's own
     * @param string $part the place of the cause; empty where it has none
     * @param list<string> $anchor designators whose step it belongs to; a gate's name for a test; empty for no step
     */
    public function __construct(
        public int $id,
        public string $symptom,
        public Cause $cause,
        public string $part,
        public string $question,
        public string $answer,
        public array $anchor,
        public FaqUse $use,
    ) {}
}
