<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

use Chiralex\Statistics\StudentT;

/**
 * A finished bag on the scale: whether it lies in its window, how likely it is wrong, and what most likely is.
 *
 * By Bayes, with one mistake a bag: one piece missing, one too many, one exchanged for its look-alike.
 */
final readonly class BagAlarm
{
    /** Share of bags packed wrongly where the shop knows none of its own; common practice, no source. */
    public const WRONG = 0.01;
    /** Shares of the mistakes; common practice, no source: a hand forgets more often than it doubles. */
    private const SHARES = ['missing' => 0.6, 'extra' => 0.2, 'swapped' => 0.2];
    private const MOST = 4;
    /** Below this share of the evidence a mistake is not named. */
    private const LEAST = 0.02;

    /**
     * @param float $real the chance that the bag is wrong
     * @param list<BagSuspect> $suspects the likeliest first; none where no single mistake explains the reading
     */
    private function __construct(public bool $isInside, public float $real, public array $suspects) {}

    /**
     * @param float $wrong share of bags that are packed wrongly
     * @return ?self null where the bag has no window
     */
    public static function of(BagProof $proof, Scale $scale, float $grams, float $wrong = self::WRONG): ?self
    {
        if ($proof->contents === null || $proof->window === null) {
            return null;
        }
        $half = $scale->division / 2.0;
        $isInside = $grams >= $proof->window->low - $half && $grams <= $proof->window->high + $half;
        $seen = static fn(Contents $contents): float => StudentT::below(
            ($grams + $half - $contents->mean) / $contents->deviation(),
            $contents->freedom(),
        ) - StudentT::below(($grams - $half - $contents->mean) / $contents->deviation(), $contents->freedom());
        $mistakes = [];
        foreach ($proof->lines as $line) {
            $pieces = $line->item->quantity;
            $less = $proof->contents->changed($line->mass, $pieces, $pieces - 1);
            $mistakes[] = ['missing', $line, null, $seen($less)];
            $mistakes[] = ['extra', $line, null, $seen($proof->contents->changed($line->mass, $pieces, $pieces + 1))];
            if ($line->swapped !== null) {
                $mistakes[] = ['swapped', $line, $line->swapped['with'], $seen($less->with($line->swapped['mass'], 1))];
            }
        }
        $counts = array_count_values(array_column($mistakes, 0));
        $weights = array_map(
            static fn(array $each): float => ($wrong * self::SHARES[$each[0]] * $each[3]) / $counts[$each[0]],
            $mistakes,
        );
        $all = array_sum($weights) + (1.0 - $wrong) * $seen($proof->contents);
        // So far off that no single mistake explains it: several pieces, another bag, or something else on the scale.
        if ($all < 1e-12) {
            return new self($isInside, $isInside ? 0.0 : 1.0, []);
        }
        $suspects = [];
        foreach ($mistakes as $index => [$what, $line, $with]) {
            if ($weights[$index] / $all >= self::LEAST) {
                $suspects[] = new BagSuspect($what, $line->item, $with, $weights[$index] / $all);
            }
        }
        usort($suspects, static fn(BagSuspect $a, BagSuspect $b): int => $b->chance <=> $a->chance);

        return new self($isInside, array_sum($weights) / $all, array_slice($suspects, 0, self::MOST));
    }
}
