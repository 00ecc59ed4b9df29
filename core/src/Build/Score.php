<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\School;

/** What an order costs; compared field by field, the school deciding what comes first after violations. */
final readonly class Score
{
    public function __construct(
        public int $violations = 0,
        public int $inversions = 0,
        public int $lookAlikes = 0,
        public int $hanging = 0,
        public int $flips = 0,
        public int $blockSwitches = 0,
        public int $kindSwitches = 0,
        public int $valueSwitches = 0,
        public int $steps = 0,
    ) {}

    /** @return list<int> in the order of comparison */
    public function key(School $school): array
    {
        $front = match ($school) {
            School::LowestFirst => [$this->inversions],
            School::KindByKind => [$this->kindSwitches, $this->inversions],
            School::BlockByBlock => [$this->blockSwitches, $this->inversions],
        };

        return [
            $this->violations,
            ...$front,
            $this->lookAlikes,
            $this->hanging,
            $this->flips,
            $this->kindSwitches,
            $this->valueSwitches,
            $this->steps,
        ];
    }

    /** With so many turns of a board more. */
    public function with(int $flips): self
    {
        return new self(
            $this->violations,
            $this->inversions,
            $this->lookAlikes,
            $this->hanging,
            $this->flips + $flips,
            $this->blockSwitches,
            $this->kindSwitches,
            $this->valueSwitches,
            $this->steps,
        );
    }

    /**
     * Each field that counts for a school and differs from another score, in the order of comparison, and by how much it is more.
     *
     * @return array<string, int>
     */
    public function changesFrom(self $before, School $school): array
    {
        $first = match ($school) {
            School::LowestFirst => [],
            School::KindByKind => ['kindSwitches'],
            School::BlockByBlock => ['blockSwitches'],
        };
        $rest = ['inversions', 'lookAlikes', 'hanging', 'flips', 'kindSwitches', 'valueSwitches', 'steps'];
        $changes = [];
        foreach (array_unique(['violations', ...$first, ...$rest]) as $field) {
            $changes[$field] = $this->{$field} - $before->{$field};
        }

        return array_filter($changes, static fn(int $by): bool => $by !== 0);
    }

    public function isBetterThan(self $other, School $school): bool
    {
        return $this->key($school) < $other->key($school);
    }
}
