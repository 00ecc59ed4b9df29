<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Fault\Likeness\WrittenReport;

/** A report as a unit vector of what it says. */
final readonly class Said
{
    /**
     * @param array<string, float> $unit word to its share, of length 1
     * @param list<string> $parts
     */
    private function __construct(
        public string $kit,
        public array $unit,
        public array $parts,
        public string $symptom,
        public ?int $step,
    ) {}

    /**
     * @param array<string, float> $weights
     * @param array<array-key, true> $parts
     */
    public static function of(WrittenReport $report, array $weights, array $parts): self
    {
        arsort($weights);
        $length = sqrt(array_sum($weights));
        $unit = [];
        foreach ($weights as $word => $weight) {
            $unit[$word] = sqrt($weight) / $length;
        }

        return new self(
            $report->kit,
            $unit,
            array_map(strval(...), array_keys($parts)),
            $report->symptom,
            $report->step,
        );
    }

    /** @return list<string> its parts and its rarest words, by which matters are found */
    public function keys(int $most): array
    {
        return array_map(
            fn(string $key): string => "{$this->kit} {$key}",
            array_slice([...$this->parts, ...array_keys($this->unit)], 0, $most),
        );
    }
}
