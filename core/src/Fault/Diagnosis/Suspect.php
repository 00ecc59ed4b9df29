<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

use Chiralex\Fault\Cause;

/** One thing that may be wrong with a kit, how likely it is, and what it would show. */
final readonly class Suspect
{
    /**
     * @param string $name by which it is known, as in reports.csv: `LED1 reversed`
     * @param list<string> $designators parts, or names of wires
     * @param float $odds before anything is noticed
     * @param array<string, float> $notices symptom to the chance that it shows it
     * @param array<string, float> $bad check to the chance that its answer is bad, where that is not the check's own usual
     * @param array<string, array{low: float, high: float}> $reads test to what its meter would show, in the plain unit
     * @param ?int $step number of the step it was done at, where it belongs to one
     */
    public function __construct(
        public string $name,
        public Cause $class,
        public array $designators,
        public float $odds,
        public array $notices = [],
        public array $bad = [],
        public array $reads = [],
        public ?int $step = null,
    ) {}

    public function withOdds(float $odds): self
    {
        return new self(
            $this->name,
            $this->class,
            $this->designators,
            $odds,
            $this->notices,
            $this->bad,
            $this->reads,
            $this->step,
        );
    }

    /** Chance that a check of this kind finds it. */
    public function badAt(Check $check): float
    {
        return $this->bad[$check->name] ?? $check->usual;
    }

    public function touches(Check $check): bool
    {
        return ($this->bad[$check->name] ?? $check->usual) > $check->usual;
    }

    /** By what it is put right: the joints of a step are made anew whether dry or bridged, a part goes into its holes wherever it is. */
    public function mend(): string
    {
        return match ($this->class) {
            Cause::DryJoint, Cause::Bridge => "joints of step {$this->step}",
            Cause::WrongHole, Cause::LeftOut => 'holes of ' . implode(' ', $this->designators),
            default => $this->name,
        };
    }
}
