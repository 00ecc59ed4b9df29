<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** A question customers ask, and its answer. */
final readonly class FaqEntry
{
    /**
     * @param list<string> $anchor designators whose step it belongs to; a gate's name for a test; empty for no step
     * @param int $count reports it answers
     */
    public function __construct(
        public int $id,
        public Symptom $symptom,
        public Cause $cause,
        public string $question,
        public string $answer,
        public array $anchor,
        public int $count,
    ) {}
}
