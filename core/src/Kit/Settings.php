<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** The choices of a kit's maker; the defaults are those of the kit folder format. */
final readonly class Settings
{
    public function __construct(
        public string $school = 'lowest-first',
        public int $group = 6,
        public string $bagging = 'by-kind',
        public string $alloy = 'leaded',
        public int $reading = 0,
        public string $workholding = 'table',
        public string $solderFrom = 'back',
        public string $skill = 'beginner',
        public string $units = 'mm',
        public string $paper = 'A4',
        public string $language = 'en',
        public bool $colour = true,
    ) {}

    public function with(?string $school, ?int $group): self
    {
        return new self(
            $school ?? $this->school,
            $group ?? $this->group,
            $this->bagging,
            $this->alloy,
            $this->reading,
            $this->workholding,
            $this->solderFrom,
            $this->skill,
            $this->units,
            $this->paper,
            $this->language,
            $this->colour,
        );
    }
}
