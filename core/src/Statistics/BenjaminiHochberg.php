<?php

declare(strict_types=1);

namespace Chiralex\Statistics;

/**
 * Adjusts the chances of many tests so that of those called an alarm only a share is false.
 *
 * Source: Y. Benjamini, Y. Hochberg, Journal of the Royal Statistical Society B 57 (1995) 289-300.
 */
final readonly class BenjaminiHochberg
{
    /**
     * @param array<array-key, float> $chances of tests, 0..1
     * @return array<array-key, float> the adjusted ones under the same keys, 0..1
     */
    public static function adjusted(array $chances): array
    {
        $tests = count($chances);
        arsort($chances);
        $adjusted = [];
        $least = 1.0;
        $rank = $tests;
        foreach ($chances as $key => $chance) {
            $least = min($least, ($chance * $tests) / $rank);
            $adjusted[$key] = $least;
            --$rank;
        }

        return $adjusted;
    }
}
