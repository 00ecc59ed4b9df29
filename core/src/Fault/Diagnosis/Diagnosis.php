<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

/** What is known after so many answers. */
final readonly class Diagnosis
{
    /** A set of causes that is this likely ends the search. */
    public const SURE = 0.8;

    /**
     * @param list<array{causes: list<Suspect>, odds: float, probability: float}> $sets likeliest first; no cause is no fault
     * @param list<array{suspect: Suspect, probability: float}> $causes each with the sets that hold it, likeliest first
     * @param float $none chance that nothing is wrong
     * @param list<Look> $looks what could be asked, the best a minute first
     * @param list<string> $contradiction checks whose answers do not go together
     */
    public function __construct(
        public array $sets,
        public array $causes,
        public float $none,
        public array $looks,
        public array $contradiction,
    ) {}

    public function isSure(): bool
    {
        return ($this->sets[0]['probability'] ?? 0.0) >= self::SURE;
    }

    /** What to look at next; null where there is nothing left, or nothing more to learn. */
    public function next(): ?Look
    {
        return $this->isSure() ? null : $this->looks[0] ?? null;
    }
}
