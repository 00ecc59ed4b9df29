<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Packing;

use Chiralex\Bagging\Bag;
use Chiralex\Bagging\BagPlan;
use Chiralex\Bagging\BagSize;

/** How long a run takes line by line, all kits side by side, and bag by bag, one kit after the other: two straight lines. */
final readonly class TwoWays
{
    private const MINUTE = 60.0;

    /**
     * @param float $lineStart minutes before the first kit, line by line
     * @param float $lineEach minutes a kit more
     * @param float $bagEach minutes a kit, bag by bag
     */
    private function __construct(public float $lineStart, public float $lineEach, public float $bagEach) {}

    public static function of(BagPlan $plan, PackTimes $times): self
    {
        $lines = $pieces = $bags = 0;
        foreach ($plan->bags as $bag) {
            $lines += count($bag->items);
            $pieces += self::pieces($bag);
            $bags += $bag->size === BagSize::Box ? 0 : 1;
        }

        return self::counted($lines, $pieces, $bags, $times);
    }

    /**
     * @param int $lines of a kit
     * @param int $pieces of all its lines
     * @param int $bags that are closed, without what lies in the box
     */
    public static function counted(int $lines, int $pieces, int $bags, PackTimes $times): self
    {
        $either = $pieces * $times->count + $lines * $times->place + $bags * ($times->close + $times->check);

        return new self(
            ($lines * ($times->walk + $times->grip)) / self::MINUTE,
            ($either + $bags * $times->layOut) / self::MINUTE,
            ($either + $lines * ($times->walk + $times->grip)) / self::MINUTE,
        );
    }

    /** @return ?int the least number of kits for which line by line is quicker; null where it never is */
    public function crossing(): ?int
    {
        $saved = $this->bagEach - $this->lineEach;

        return $saved <= 0.0 ? null : (int) floor($this->lineStart / $saved) + 1;
    }

    public function lineByLine(int $kits): float
    {
        return $this->lineStart + $kits * $this->lineEach;
    }

    public function bagByBag(int $kits): float
    {
        return $kits * $this->bagEach;
    }

    private static function pieces(Bag $bag): int
    {
        return array_sum(array_map(static fn($item): int => $item->quantity, $bag->items));
    }
}
