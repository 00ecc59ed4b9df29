<?php

declare(strict_types=1);

namespace Chiralex\Build;

/** How long builders took for one step, from those who let it be counted, and how many stopped there. */
final readonly class BuilderTimes
{
    /** Builders below which nothing is said: one of them would be known by it. */
    public const LEAST = 5;

    /**
     * @param string $step its key
     * @param int $builders who were counted at it
     * @param ?float $median minutes; null for fewer than five
     * @param ?float $low between this and `high` half of them lie
     * @param int $stopped builders whose last tick is this one, though it is not the last step
     */
    private function __construct(
        public string $step,
        public int $builders,
        public ?float $median,
        public ?float $low,
        public ?float $high,
        public int $stopped,
    ) {}

    /**
     * @param list<string> $steps keys in the order of building
     * @param array<array-key, array{ticked: array<array-key, ?float>, rests: bool}> $builders each with minutes by step, null where they are not told;
     *     `rests`: nothing was ticked for a fortnight
     * @return list<self> in the order of building
     */
    public static function of(array $steps, array $builders): array
    {
        $minutes = array_fill_keys($steps, []);
        $stopped = array_fill_keys($steps, 0);
        $last = $steps[array_key_last($steps) ?? 0] ?? '';
        foreach ($builders as $builder) {
            $furthest = null;
            foreach ($steps as $step) {
                if (!array_key_exists($step, $builder['ticked'])) {
                    continue;
                }
                $furthest = $step;
                if ($builder['ticked'][$step] !== null) {
                    $minutes[$step][] = $builder['ticked'][$step];
                }
            }
            if ($builder['rests'] && $furthest !== null && $furthest !== $last) {
                ++$stopped[$furthest];
            }
        }

        return array_map(static function (string $step) use ($minutes, $stopped): self {
            $each = $minutes[$step];
            sort($each);
            $isSaid = count($each) >= self::LEAST;

            return new self(
                $step,
                count($each),
                $isSaid ? self::quantile($each, 0.5) : null,
                $isSaid ? self::quantile($each, 0.25) : null,
                $isSaid ? self::quantile($each, 0.75) : null,
                $stopped[$step],
            );
        }, $steps);
    }

    /**
     * By linear interpolation between the two beside it (Hyndman and Fan, Sample quantiles in statistical packages, 1996, type 7).
     *
     * @param list<float> $sorted at least one
     */
    private static function quantile(array $sorted, float $share): float
    {
        $at = $share * (count($sorted) - 1);
        $low = (int) floor($at);
        $next = $sorted[min($low + 1, count($sorted) - 1)] ?? 0.0;
        $here = $sorted[$low] ?? 0.0;

        return $here + ($at - $low) * ($next - $here);
    }
}
