<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Chiralex\Kit\Measurement;

/**
 * Measured pieces of a lot assigned to kits: each kit gets some that lie close together.
 *
 * Most complete kits first, then least total difference. Exact at any number of places: with pieces in order of their value,
 * any two kits that overlap can trade pieces so that each holds neighbours, and neither spread grows; so the best choice is
 * among runs of neighbours, and one pass over the row finds it.
 */
final readonly class Selection
{
    /** What floating point may lose at the limit. */
    private const EXACT = 1e-9;

    /**
     * @param list<non-empty-list<Measurement>> $kits pieces of each kit, in order of their value
     * @param list<Measurement> $left pieces that go into none
     * @param float $total sum of the differences within the kits
     */
    private function __construct(public array $kits, public array $left, public float $total) {}

    /**
     * @param list<Measurement> $pieces of one part and one quantity
     * @param int<1, max> $places in a kit
     * @param float $most difference between the largest and the smallest of a kit
     */
    public static function of(array $pieces, int $places, float $most): self
    {
        usort(
            $pieces,
            static fn(Measurement $a, Measurement $b): int => [$a->value, $a->piece] <=> [$b->value, $b->piece],
        );
        $count = count($pieces);
        // Best of the first n pieces: kits (more is better), then total difference (less is better), and whether a kit ends there.
        $best = array_fill(0, $count + 1, [0, 0.0, false]);
        for ($n = 1; $n <= $count; ++$n) {
            $best[$n] = [$best[$n - 1][0], $best[$n - 1][1], false];
            if ($n < $places) {
                continue;
            }
            $spread = $pieces[$n - 1]->value - $pieces[$n - $places]->value;
            [$kits, $total] = [$best[$n - $places][0] + 1, $best[$n - $places][1] + $spread];
            if (
                $spread <= $most * (1 + self::EXACT) &&
                ($kits > $best[$n][0] || ($kits === $best[$n][0] && $total < $best[$n][1]))
            ) {
                $best[$n] = [$kits, $total, true];
            }
        }
        $kits = $left = [];
        for ($n = $count; $n > 0;) {
            if ($best[$n][2]) {
                $kit = array_slice($pieces, $n - $places, $places);
                $kits[] = $kit === [] ? [$pieces[$n - 1]] : $kit;
                $n -= $places;
            } else {
                $left[] = $pieces[--$n];
            }
        }

        return new self(array_reverse($kits), array_reverse($left), $best[$count][1]);
    }
}
