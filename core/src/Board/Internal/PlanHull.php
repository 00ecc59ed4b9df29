<?php

declare(strict_types=1);

namespace Chiralex\Board\Internal;

/** Convex hull in the plane of the board (monotone chain), counter-clockwise, without points on its edges. */
final readonly class PlanHull
{
    /**
     * @param list<float> $x
     * @param list<float> $y
     * @param list<int> $indices points to take
     * @return list<int>
     */
    public static function of(array $x, array $y, array $indices): array
    {
        usort($indices, static fn(int $a, int $b): int => $x[$a] <=> $x[$b] ?: $y[$a] <=> $y[$b]);

        return [...self::half($indices, $x, $y), ...self::half(array_reverse($indices), $x, $y)];
    }

    /**
     * @param list<int> $order
     * @param list<float> $x
     * @param list<float> $y
     * @return list<int> one chain, without its last point
     */
    private static function half(array $order, array $x, array $y): array
    {
        $chain = [];
        foreach ($order as $i) {
            while (count($chain) >= 2) {
                [$a, $b] = [$chain[count($chain) - 2], $chain[count($chain) - 1]];
                if (($x[$b] - $x[$a]) * ($y[$i] - $y[$a]) - ($y[$b] - $y[$a]) * ($x[$i] - $x[$a]) > 1e-9) {
                    break;
                }
                array_pop($chain);
            }
            $chain[] = $i;
        }
        array_pop($chain);

        return $chain;
    }
}
