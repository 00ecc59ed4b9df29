<?php

declare(strict_types=1);

namespace Chiralex\Supply;

/**
 * Which kits with holes are completed from what is left of scarce parts: most kits, then those promised first. Kits that lack the
 * same are alike, and of them those promised first come first; how many of each sort is searched.
 */
final readonly class Completion
{
    /** Ways looked at; beyond, the best so far is taken. */
    private const MOST = 200_000;

    /**
     * @param list<int> $kits places of those that are completed, the earliest promise first
     * @param bool $isProved no other choice completes more, or earlier promises
     */
    private function __construct(public array $kits, public bool $isProved) {}

    /**
     * @param list<array<string, int>> $lacks for each kit, the earliest promise first, what it lacks: part to pieces, above nought
     * @param array<string, int> $left part to pieces on hand
     */
    public static function of(array $lacks, array $left): self
    {
        $sorts = [];
        foreach ($lacks as $kit => $lack) {
            ksort($lack);
            $sorts[(string) json_encode($lack)][] = $kit;
        }
        $sorts = array_values($sorts);
        $needs = array_map(static fn(array $sort): array => $lacks[$sort[0]], $sorts);
        // The sort that lacks least is filled first, so that good answers come early.
        array_multisort(array_map(array_sum(...), $needs), SORT_ASC, array_keys($needs), SORT_ASC, $needs, $sorts);
        $best = [];
        $looks = 0;
        self::search(0, $sorts, $needs, $left, [], $best, $looks);

        return new self($best, $looks <= self::MOST);
    }

    /**
     * @param list<list<int>> $sorts kits that lack the same
     * @param list<array<string, int>> $needs of each sort
     * @param array<string, int> $left
     * @param list<int> $chosen
     * @param list<int> $best
     */
    private static function search(
        int $sort,
        array $sorts,
        array $needs,
        array $left,
        array $chosen,
        array &$best,
        int &$looks,
    ): void {
        if (!isset($sorts[$sort])) {
            sort($chosen);
            $best = self::isBetter($chosen, $best) ? $chosen : $best;

            return;
        }
        $possible = count($chosen) + self::possible($sort, $sorts, $needs, $left);
        if ($possible < count($best) || ++$looks > self::MOST) {
            return;
        }
        for ($count = self::fits($sorts[$sort], $needs[$sort], $left); $count >= 0; --$count) {
            $rest = $left;
            foreach ($needs[$sort] as $part => $pieces) {
                $rest[$part] = ($rest[$part] ?? 0) - $count * $pieces;
            }
            self::search(
                $sort + 1,
                $sorts,
                $needs,
                $rest,
                [...$chosen, ...array_slice($sorts[$sort], 0, $count)],
                $best,
                $looks,
            );
        }
    }

    /**
     * No more kits than the scarcest part alone would allow, those that take least of it first.
     *
     * @param list<list<int>> $sorts
     * @param list<array<string, int>> $needs
     * @param array<string, int> $left
     */
    private static function possible(int $from, array $sorts, array $needs, array $left): int
    {
        $possible = 0;
        $fits = [];
        for ($sort = $from; isset($sorts[$sort]); ++$sort) {
            $possible += $fits[$sort] = self::fits($sorts[$sort], $needs[$sort], $left);
        }
        foreach ($left as $part => $pieces) {
            $takes = array_map(static fn(array $need): int => $need[$part] ?? 0, array_intersect_key($needs, $fits));
            asort($takes);
            $count = 0;
            foreach ($takes as $sort => $each) {
                $kits = $each === 0 ? $fits[$sort] : min($fits[$sort], intdiv(max(0, $pieces), $each));
                $pieces -= $kits * $each;
                $count += $kits;
            }
            $possible = min($possible, $count);
        }

        return $possible;
    }

    /**
     * @param list<int> $kits
     * @param array<string, int> $need
     * @param array<string, int> $left
     */
    private static function fits(array $kits, array $need, array $left): int
    {
        $most = count($kits);
        foreach ($need as $part => $pieces) {
            $most = min($most, intdiv(max(0, $left[$part] ?? 0), $pieces));
        }

        return $most;
    }

    /**
     * @param list<int> $one
     * @param list<int> $other
     */
    private static function isBetter(array $one, array $other): bool
    {
        return count($one) > count($other) || (count($one) === count($other) && $one < $other);
    }
}
