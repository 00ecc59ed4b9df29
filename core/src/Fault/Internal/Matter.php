<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

/** Reports of one matter, as the sum of what they say. */
final readonly class Matter
{
    private const PARTS = 0.3;
    private const OTHER_PARTS = -0.35;
    private const SYMPTOM = 0.08;
    private const OTHER_SYMPTOM = -0.05;
    private const STEP = 0.08;
    /** Reports of a matter that stand for it where two are compared. */
    private const SOME = 40;

    /**
     * @param array<int, true> $reports
     * @param array<string, float> $words sums of unit vectors
     * @param array<string, int> $parts how many name each
     * @param array<string, int> $symptoms
     * @param array<int, int> $steps
     */
    private function __construct(
        private string $kit,
        public array $reports,
        private array $words,
        private array $parts,
        private int $withParts,
        private array $symptoms,
        private array $steps,
    ) {}

    public static function of(string $kit): self
    {
        return new self($kit, [], [], [], 0, [], []);
    }

    public function with(int $at, Said $said): self
    {
        return $this->changed($this->reports + [$at => true], $said, 1);
    }

    public function without(int $at, Said $said): self
    {
        return $this->changed(array_diff_key($this->reports, [$at => true]), $said, -1);
    }

    /**
     * @param array<int, true> $reports
     * @param 1|-1 $by
     */
    private function changed(array $reports, Said $said, int $by): self
    {
        [$words, $parts, $symptoms, $steps] = [$this->words, $this->parts, $this->symptoms, $this->steps];
        foreach ($said->unit as $word => $share) {
            $words[$word] = ($words[$word] ?? 0.0) + $by * $share;
        }
        foreach ($said->parts as $part) {
            $parts[$part] = ($parts[$part] ?? 0) + $by;
        }
        if ($said->symptom !== '') {
            $symptoms[$said->symptom] = ($symptoms[$said->symptom] ?? 0) + $by;
        }
        if ($said->step !== null) {
            $steps[$said->step] = ($steps[$said->step] ?? 0) + $by;
        }

        return new self(
            $this->kit,
            $reports,
            $words,
            $parts,
            $this->withParts + ($said->parts === [] ? 0 : $by),
            $symptoms,
            $steps,
        );
    }

    /** How much a report is like its reports, in the mean. */
    public function likeness(Said $said): float
    {
        if ($said->kit !== $this->kit) {
            return 0.0;
        }
        $score = 0.0;
        foreach ($said->unit as $word => $share) {
            $score += $share * ($this->words[$word] ?? 0.0);
        }
        if ($said->parts !== []) {
            $shared = min(
                $this->withParts,
                array_sum(array_map(fn(string $part): int => $this->parts[$part] ?? 0, $said->parts)),
            );
            $score += $shared * self::PARTS + ($this->withParts - $shared) * self::OTHER_PARTS;
        }
        if ($said->symptom !== '') {
            $same = $this->symptoms[$said->symptom] ?? 0;
            $score += $same * self::SYMPTOM + (array_sum($this->symptoms) - $same) * self::OTHER_SYMPTOM;
        }
        $score += $said->step === null ? 0.0 : ($this->steps[$said->step] ?? 0) * self::STEP;

        return $score / max(1, count($this->reports));
    }

    /** @param list<Said> $reports all there are; how much two matters are alike, in the mean */
    public function mean(self $other, array $reports): float
    {
        $some = array_slice(array_keys($other->reports), 0, self::SOME);

        return array_sum(array_map(fn(int $at): float => $this->likeness($reports[$at]), $some)) / max(1, count($some));
    }
}
