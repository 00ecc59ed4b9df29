<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\FaultModel;
use Chiralex\Fault\Diagnosis\Suspect;

/** Nothing, every single suspect, and pairs of the likeliest: each with its weight. */
final readonly class SetTable
{
    /** Suspects of which pairs are made. */
    private const PAIRED = 60;
    public const LEAST = 0.02;
    public const MOST = 0.98;

    /**
     * @param list<Suspect> $suspects
     * @param list<array{int, int}> $sets indices of suspects; -1 where there is none
     * @param list<float> $odds of the sets, before anything was noticed
     * @param list<float> $weights
     * @param list<string> $mends by suspect, what puts it right
     */
    private function __construct(
        public array $suspects,
        public array $sets,
        public array $odds,
        public array $weights,
        private array $mends,
    ) {}

    /** @param string $symptom by which the likeliest are found */
    public static function of(FaultModel $model, string $symptom): self
    {
        $suspects = $model->suspects;
        $order = array_keys($suspects);
        usort(
            $order,
            static fn(int $a, int $b): int => [
                $suspects[$b]->odds * ($suspects[$b]->notices[$symptom] ?? 1.0),
                $suspects[$a]->name,
            ] <=> [$suspects[$a]->odds * ($suspects[$a]->notices[$symptom] ?? 1.0), $suspects[$b]->name],
        );
        $sets = [[-1, -1]];
        $odds = [$model->falseShare];
        foreach ($suspects as $index => $suspect) {
            $sets[] = [$index, -1];
            $odds[] = $suspect->odds;
        }
        $paired = array_slice($order, 0, self::PAIRED);
        foreach ($paired as $at => $one) {
            foreach (array_slice($paired, $at + 1) as $other) {
                $sets[] = [$one, $other];
                $odds[] = $suspects[$one]->odds * $suspects[$other]->odds;
            }
        }

        $mends = array_map(static fn(Suspect $suspect): string => $suspect->mend(), $suspects);

        return new self($suspects, $sets, $odds, $odds, $mends);
    }

    /**
     * The sets after something that each suspect shows with some chance was seen, or not.
     *
     * @param list<float> $chances by suspect
     * @param bool $seen false where it was not there
     * @param ?float $none factor of the empty set; what follows from no suspect at all where it is null
     */
    public function seen(array $chances, bool $seen, ?float $none = null): self
    {
        // Written out, not by `together`: a search that is worked out ahead asks this thousands of times.
        $weights = [];
        foreach ($this->sets as $index => [$one, $other]) {
            if ($one < 0) {
                $weights[] = $this->weights[$index] * ($none ?? ($seen ? self::LEAST : 1.0 - self::LEAST));
                continue;
            }
            $chance = $other < 0 ? $chances[$one] : 1.0 - (1.0 - $chances[$one]) * (1.0 - $chances[$other]);
            $chance = $chance > self::MOST ? self::MOST : ($chance < self::LEAST ? self::LEAST : $chance);
            $weights[] = $this->weights[$index] * ($seen ? $chance : 1.0 - $chance);
        }

        return new self($this->suspects, $this->sets, $this->odds, $weights, $this->mends);
    }

    /**
     * The sets with a factor of their own, of the suspect that explains most.
     *
     * @param list<float> $factors by suspect
     */
    public function weighed(array $factors, float $none): self
    {
        $weights = $this->weights;
        foreach ($this->sets as $index => [$one, $other]) {
            $weights[$index] *=
                $one < 0 ? $none : ($other < 0 ? $factors[$one] : max($factors[$one], $factors[$other]));
        }

        return new self($this->suspects, $this->sets, $this->odds, array_values($weights), $this->mends);
    }

    public static function together(float $one, float $other): float
    {
        return min(self::MOST, max(self::LEAST, 1.0 - (1.0 - $one) * (1.0 - $other)));
    }

    /** @return list<float> by suspect, the chance that this check comes out bad */
    public function badAt(Check $check): array
    {
        return array_map(static fn(Suspect $suspect): float => $suspect->badAt($check), $this->suspects);
    }

    public function sum(): float
    {
        return array_sum($this->weights);
    }

    /** @return list<float> by set, together 1 */
    public function shares(): array
    {
        $sum = $this->sum();

        return array_map(static fn(float $weight): float => $sum > 0.0 ? $weight / $sum : 0.0, $this->weights);
    }

    /**
     * @param list<float> $shares
     * @return list<float> by suspect, the shares of the sets that hold it
     */
    public function bySuspect(array $shares): array
    {
        $by = array_fill(0, count($this->suspects), 0.0);
        foreach ($this->sets as $index => [$one, $other]) {
            if ($one >= 0) {
                $by[$one] += $shares[$index];
            }
            if ($other >= 0) {
                $by[$other] += $shares[$index];
            }
        }

        return array_values($by);
    }

    /**
     * What is put right in one go has the chances of the sets that hold any cause of it.
     *
     * @param list<float> $shares
     * @return array<string, float> by what puts it right
     */
    public function byMend(array $shares): array
    {
        $mends = $this->mends;
        $by = array_fill_keys($mends, 0.0);
        foreach ($this->sets as $index => [$one, $other]) {
            if ($one >= 0) {
                $by[$mends[$one]] += $shares[$index];
            }
            if ($other >= 0 && $mends[$other] !== $mends[$one]) {
                $by[$mends[$other]] += $shares[$index];
            }
        }

        return $by;
    }
}
