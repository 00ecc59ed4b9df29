<?php

declare(strict_types=1);

namespace Chiralex\Marking;

/** Finds printed codes that differ in one sign, or in the order of two, without comparing all with all. */
final readonly class CodeNeighbours
{
    /**
     * @param array<array-key, string> $codes
     * @return list<array{array-key, array-key}> pairs of keys, each once, in the order of the list
     */
    public function pairs(array $codes): array
    {
        $buckets = [];
        foreach ($codes as $key => $code) {
            $signs = str_split($code);
            sort($signs);
            $buckets['swap ' . implode($signs)][] = $key;
            for ($i = 0; $i < strlen($code); ++$i) {
                $buckets[substr_replace($code, '?', $i, 1)][] = $key;
            }
        }
        $place = array_flip(array_keys($codes));
        $pairs = [];
        foreach ($buckets as $keys) {
            for ($i = 0; $i < count($keys); ++$i) {
                for ($j = $i + 1; $j < count($keys); ++$j) {
                    $pairs[$place[$keys[$i]] * count($codes) + $place[$keys[$j]]] = [$keys[$i], $keys[$j]];
                }
            }
        }
        ksort($pairs);

        return array_values($pairs);
    }
}
