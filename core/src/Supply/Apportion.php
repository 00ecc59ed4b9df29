<?php

declare(strict_types=1);

namespace Chiralex\Supply;

/** Whole pieces by shares: each gets its whole part, the largest remainders the rest (Hamilton's method, from memory). */
final readonly class Apportion
{
    /**
     * @param int $pieces at least 0
     * @param array<string, int> $shares weights above 0, by name
     * @return array<string, int> by name, as the weights come; their sum is the pieces, where there is any weight
     */
    public static function of(int $pieces, array $shares): array
    {
        $sum = array_sum($shares);
        if ($sum < 1) {
            return [];
        }
        $whole = array_map(static fn(int $share): int => intdiv($pieces * $share, $sum), $shares);
        $rests = array_map(static fn(int $share): int => ($pieces * $share) % $sum, $shares);
        // Of equals the name decides, so that the same question has one answer.
        $names = array_keys($shares);
        usort($names, static fn(string $a, string $b): int => [$rests[$b], $a] <=> [$rests[$a], $b]);
        foreach (array_slice($names, 0, $pieces - array_sum($whole)) as $name) {
            ++$whole[$name];
        }

        return $whole;
    }
}
