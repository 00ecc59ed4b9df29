<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Bagging\BagCosts;
use Chiralex\Bagging\BagSize;

/**
 * What lies in one bag while a kit is shared out, and what it costs: money first, then how many families it mixes. Items are called
 * by their place in the ties.
 */
final readonly class BagLoad
{
    /** Money outweighs every mixture: a bag mixes fewer families than this. */
    private const MONEY = 100;

    /**
     * @param array<int, int> $inside item to how many of its look-alikes lie beside it
     * @param array<int, int> $families family to how many items of it
     */
    private function __construct(
        private BagTies $ties,
        private int $bag,
        private int $strip,
        public array $inside,
        private float $volume,
        private array $families,
        private int $taped,
    ) {}

    public static function nothing(BagTies $ties, BagCosts $costs): self
    {
        [$bag, $strip] = $costs->weights();

        return new self($ties, self::MONEY * $bag, self::MONEY * $strip, [], 0.0, [], 0);
    }

    /** @return list<int> */
    public function items(): array
    {
        $items = array_keys($this->inside);
        sort($items);

        return $items;
    }

    public function isEmpty(): bool
    {
        return $this->inside === [];
    }

    public function cost(): int
    {
        return $this->inside === [] ? 0 : $this->bag + $this->taped * $this->strip + count($this->families);
    }

    /** @return ?int what the item adds beside the price of an empty bag; null where it may not lie here */
    public function more(int $item): ?int
    {
        if (
            $this->volume + $this->ties->volumes[$item] > BagSize::largest() ||
            self::common($this->ties->never[$item], $this->inside) !== []
        ) {
            return null;
        }

        return $this->newlyTaped($item) * $this->strip + (isset($this->families[$this->ties->families[$item]]) ? 0 : 1);
    }

    /** With an item that may lie here. */
    public function with(int $item): self
    {
        $beside = self::common($this->ties->alike[$item], $this->inside);
        $inside = $this->inside;
        foreach (array_keys($beside) as $other) {
            ++$inside[$other];
        }
        $inside[$item] = count($beside);
        $families = $this->families;
        $family = $this->ties->families[$item];
        $families[$family] = ($families[$family] ?? 0) + 1;

        return new self(
            $this->ties,
            $this->bag,
            $this->strip,
            $inside,
            $this->volume + $this->ties->volumes[$item],
            $families,
            $this->taped + $this->newlyTaped($item),
        );
    }

    /** What the bag costs less without one of its items. */
    public function savedBy(int $item): int
    {
        if (count($this->inside) === 1) {
            return $this->cost();
        }
        $taped = $this->inside[$item] > 0 ? 1 : 0;
        foreach (array_keys(self::common($this->ties->alike[$item], $this->inside)) as $other) {
            $taped += $this->inside[$other] === 1 ? 1 : 0;
        }

        return $taped * $this->strip + ($this->families[$this->ties->families[$item]] === 1 ? 1 : 0);
    }

    public function without(int $item): self
    {
        $load = new self($this->ties, $this->bag, $this->strip, [], 0.0, [], 0);
        foreach (array_keys($this->inside) as $other) {
            $load = $other === $item ? $load : $load->with($other);
        }

        return $load;
    }

    /** How many items go onto the strip because of it, itself among them. */
    private function newlyTaped(int $item): int
    {
        $beside = self::common($this->ties->alike[$item], $this->inside);
        $taped = $beside === [] ? 0 : 1;
        foreach (array_keys($beside) as $other) {
            $taped += $this->inside[$other] === 0 ? 1 : 0;
        }

        return $taped;
    }

    /**
     * @param array<int, mixed> $one
     * @param array<int, mixed> $other
     * @return array<int, mixed> the places of both
     */
    private static function common(array $one, array $other): array
    {
        return count($one) < count($other) ? array_intersect_key($one, $other) : array_intersect_key($other, $one);
    }
}
