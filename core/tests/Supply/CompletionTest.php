<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply;

use Chiralex\Supply\Completion;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Which kits with holes are completed, the earliest promise standing first in the list. */
final class CompletionTest extends TestCase
{
    public function test_most_kits_are_completed_and_of_like_ones_those_promised_first(): void
    {
        self::assertSame([0, 1], Completion::of([['C3' => 1], ['C3' => 1], ['C3' => 1]], ['C3' => 2])->kits);
        self::assertSame(
            [1, 2],
            Completion::of([['C3' => 2], ['C3' => 1], ['C3' => 1]], ['C3' => 2])->kits,
            'two complete kits count more than the earliest promise',
        );
        self::assertSame([], Completion::of([['C3' => 1]], [])->kits);
        self::assertSame([], Completion::of([], ['C3' => 5])->kits);
    }

    public function test_up_to_twelve_kits_and_six_lines_no_other_choice_is_better(): void
    {
        $random = new Randomizer(new Mt19937(12));
        for ($round = 0; $round < 120; ++$round) {
            $lines = array_slice(['A', 'B', 'C', 'D', 'E', 'F'], 0, $random->getInt(1, 6));
            $lacks = [];
            for ($kit = $random->getInt(1, 12); $kit > 0; --$kit) {
                $lack = [];
                foreach ($lines as $line) {
                    $lack += $random->getInt(0, 2) === 0 ? [$line => $random->getInt(1, 3)] : [];
                }
                $lacks[] = $lack === [] ? ['A' => 1] : $lack;
            }
            $left = array_map(static fn(): int => $random->getInt(0, 9), array_flip($lines));
            $found = Completion::of($lacks, $left);

            self::assertSame(self::best($lacks, $left), $found->kits, "round {$round}");
            self::assertTrue($found->isProved);
        }
    }

    public function test_five_hundred_kits_of_four_sorts_are_settled(): void
    {
        $sorts = [['A' => 1], ['A' => 2, 'B' => 1], ['B' => 1], ['A' => 1, 'C' => 3]];
        $lacks = array_map(static fn(int $kit): array => $sorts[$kit % 4], range(0, 499));
        $found = Completion::of($lacks, ['A' => 180, 'B' => 90, 'C' => 60]);

        self::assertTrue($found->isProved);
        // 90 of B go to those that lack B alone, 125 + 20 of A to the others: 90 + 125 + 20, until A is used up.
        self::assertCount(235, $found->kits);
    }

    /**
     * Every choice is tried.
     *
     * @param list<array<string, int>> $lacks
     * @param array<string, int> $left
     * @return list<int>
     */
    private static function best(array $lacks, array $left): array
    {
        $best = [];
        for ($set = 0; $set < 1 << count($lacks); ++$set) {
            $kits = [];
            $rest = $left;
            foreach ($lacks as $kit => $lack) {
                if ((($set >> $kit) & 1) === 1) {
                    $kits[] = $kit;
                    foreach ($lack as $line => $pieces) {
                        $rest[$line] = ($rest[$line] ?? 0) - $pieces;
                    }
                }
            }
            $isBetter = count($kits) > count($best) || (count($kits) === count($best) && $kits < $best);
            if ($isBetter && array_filter($rest, static fn(int $pieces): bool => $pieces < 0) === []) {
                $best = $kits;
            }
        }

        return $best;
    }
}
