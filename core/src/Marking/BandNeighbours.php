<?php

declare(strict_types=1);

namespace Chiralex\Marking;

/** Finds bands that read as others from the wrong end, under warm light, or with two of them exchanged, without comparing all with all. */
final readonly class BandNeighbours
{
    /**
     * @param array<array-key, list<Colour>> $bands
     * @return list<array{array-key, array-key}> pairs of keys, each once, in the order of the list
     */
    public function pairs(array $bands): array
    {
        $keys = [];
        foreach ($bands as $key => $colours) {
            $keys[self::word($colours)][] = $key;
        }
        $place = array_flip(array_keys($bands));
        $pairs = [];
        foreach ($bands as $key => $colours) {
            foreach ($this->variants($colours) as $variant => $true) {
                foreach ($keys[$variant] ?? [] as $other) {
                    if ($place[$key] < $place[$other]) {
                        $pairs[$place[$key] * count($bands) + $place[$other]] = [$key, $other];
                    }
                }
            }
        }
        ksort($pairs);

        return array_values($pairs);
    }

    /**
     * @param list<Colour> $colours
     * @return array<string, true> words of the bands, themselves among them, that a builder may see instead
     */
    private function variants(array $colours): array
    {
        $found = [self::word($colours) => true, self::word(array_reverse($colours)) => true];
        foreach ($colours as $i => $one) {
            foreach ($this->near($one) as $seen) {
                $once = [$i => $seen] + $colours;
                ksort($once);
                $found[self::word($once)] = true;
                foreach ($colours as $j => $other) {
                    foreach ($j > $i ? $this->near($other) : [] as $too) {
                        $twice = [$j => $too] + $once;
                        ksort($twice);
                        $found[self::word($twice)] = true;
                    }
                }
            }
            foreach ($colours as $j => $other) {
                $exchanged = [$i => $other, $j => $one] + $colours;
                ksort($exchanged);
                $found[self::word($exchanged)] = true;
            }
        }

        return $found;
    }

    /** @return list<Colour> */
    private function near(Colour $colour): array
    {
        return array_values(
            array_filter(Colour::cases(), static fn(Colour $other): bool => $colour->looksLike($other)),
        );
    }

    /** @param array<int, Colour> $colours */
    private static function word(array $colours): string
    {
        return implode(' ', array_map(static fn(Colour $colour): string => $colour->value, $colours));
    }
}
