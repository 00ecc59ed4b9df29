<?php

declare(strict_types=1);

namespace App\Actions\Report;

/** What a report says beside its words: where it went wrong, what was noticed, what was looked at. */
final readonly class Noticed
{
    /**
     * @param ?int $stepNumber as the builder saw it; numbers move, keys do not
     * @param string $symptom as the builder chose it; empty where they chose none
     * @param list<array{check: string, answer: string}> $checks what they answered
     */
    public function __construct(
        public string $step = '',
        public ?int $stepNumber = null,
        public string $symptom = '',
        public array $checks = [],
    ) {}
}
