<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** A step at which kits were reported in different words: what they have in common is the step, and its page or its order may be at fault. */
final readonly class CommonStep
{
    /** Kits below which nothing is said, and matters; common practice, no source. */
    public const KITS = 3;
    public const MATTERS = 2;

    /**
     * @param int $kits reported at it
     * @param int $matters in how many different words
     * @param float $share of all reports that have a step
     * @param float $work share of the planned minutes
     */
    private function __construct(
        public int $step,
        public int $kits,
        public int $matters,
        public float $share,
        public float $work,
    ) {}

    /**
     * @param list<array{step: ?int, matter: int, kit: string}> $reports kit by its serial; of an unknown one something else that is its own
     * @param array<int, float> $minutes planned, by step
     * @return list<self> most kits first
     */
    public static function of(array $reports, array $minutes): array
    {
        $kits = $matters = [];
        foreach ($reports as $report) {
            if ($report['step'] !== null && isset($minutes[$report['step']])) {
                $kits[$report['step']][$report['kit']] = true;
                $matters[$report['step']][$report['matter']] = true;
            }
        }
        $all = array_sum(array_map(count(...), $kits));
        $work = max(1e-9, array_sum($minutes));
        $common = [];
        foreach ($kits as $step => $each) {
            $share = count($each) / $all;
            if (
                count($each) >= self::KITS &&
                count($matters[$step] ?? []) >= self::MATTERS &&
                $share > $minutes[$step] / $work
            ) {
                $common[] = new self($step, count($each), count($matters[$step]), $share, $minutes[$step] / $work);
            }
        }
        usort($common, static fn(self $a, self $b): int => $b->kits <=> $a->kits ?: $a->step <=> $b->step);

        return $common;
    }
}
