<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** The choices of a kit's maker; the defaults are those of the kit folder format. */
final readonly class Settings
{
    /**
     * @param int $group how many parts a step has at most
     * @param int $turn quarter turns clockwise in degrees, for boards that name none
     */
    public function __construct(
        public School $school = School::LowestFirst,
        public int $group = 6,
        public Sorting $bagging = Sorting::ByKind,
        public int $turn = 0,
        public Skill $skill = Skill::Beginner,
        public BenchSettings $bench = new BenchSettings(),
        public PageSettings $page = new PageSettings(),
    ) {}

    public function with(?School $school, ?int $group): self
    {
        return new self(
            $school ?? $this->school,
            $group ?? $this->group,
            $this->bagging,
            $this->turn,
            $this->skill,
            $this->bench,
            $this->page,
        );
    }
}
