<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * What one supplier asks for pieces of one part: all-units breaks, so that the price of an order of q is that of the highest `from` that
 * q reaches.
 */
final readonly class Tariff
{
    /** Prices are counted in units of this many decimals of the main unit. */
    public const DECIMALS = 10;

    /**
     * @param non-empty-list<array{from: int, price: int}> $breaks ascending; prices in 10^-10 of the main unit
     * @param int $minimum pieces of the least order
     * @param int $multiple orders are multiples of it
     * @param ?int $available pieces at most; null: nobody knows
     */
    private function __construct(
        public int $supplier,
        private array $breaks,
        public int $minimum,
        public int $multiple,
        public ?int $available,
    ) {}

    /** @param non-empty-list<array{from: int, price: BigDecimal}> $breaks */
    public static function with(
        int $supplier,
        array $breaks,
        int $minimum = 1,
        int $multiple = 1,
        ?int $available = null,
    ): self {
        usort($breaks, static fn(array $a, array $b): int => $a['from'] <=> $b['from']);

        return new self(
            $supplier,
            array_map(
                static fn(array $each): array => [
                    'from' => $each['from'],
                    'price' => $each['price']
                        ->withPointMovedRight(self::DECIMALS)
                        ->toScale(0, RoundingMode::HALF_UP)
                        ->toInt(),
                ],
                $breaks,
            ),
            $minimum,
            $multiple,
            $available,
        );
    }

    /** The same of a supplier who stands at another place. */
    public function of(int $supplier): self
    {
        return new self($supplier, $this->breaks, $this->minimum, $this->multiple, $this->available);
    }

    /** @return ?int the least legal order of so many pieces or more; null where there is none */
    public function legal(int $pieces): ?int
    {
        $least = max($pieces, $this->minimum, $this->breaks[0]['from'], 1);
        $legal = intdiv($least + $this->multiple - 1, $this->multiple) * $this->multiple;

        return $this->available !== null && $legal > $this->available ? null : $legal;
    }

    /** @return ?int the largest legal order of so many pieces or fewer; null where there is none */
    public function below(int $pieces): ?int
    {
        $most = $this->available === null ? $pieces : min($pieces, $this->available);
        $legal = intdiv($most, $this->multiple) * $this->multiple;

        return $legal >= max($this->minimum, $this->breaks[0]['from'], 1) ? $legal : null;
    }

    /** @return int minor units of an order, rounded half up once */
    public function cost(int $pieces): int
    {
        // 10^-10 of the main unit to minor units, of which it has a hundred.
        return intdiv($pieces * $this->price($pieces) + 50_000_000, 100_000_000);
    }

    /** Price of a piece in an order of so many, in 10^-10 of the main unit. */
    public function price(int $pieces): int
    {
        $price = $this->breaks[0]['price'];
        foreach ($this->breaks as $break) {
            if ($pieces >= $break['from']) {
                $price = $break['price'];
            }
        }

        return $price;
    }

    /** The same, as it is written: all its decimals and no more. */
    public function unitPrice(int $pieces): BigDecimal
    {
        return self::plain($this->price($pieces));
    }

    /** The lowest price of a piece at any break, in minor units. */
    public function lowest(): float
    {
        return min(array_column($this->breaks, 'price')) / 100_000_000;
    }

    /** @return non-empty-list<array{from: int, price: BigDecimal}> ascending, prices in the main unit */
    public function breaks(): array
    {
        return array_map(
            static fn(array $each): array => ['from' => $each['from'], 'price' => self::plain($each['price'])],
            $this->breaks,
        );
    }

    /** The price at the lowest break. */
    public function first(): BigDecimal
    {
        return self::plain($this->breaks[0]['price']);
    }

    /** @return list<int> orders of so many pieces or more that may be cheapest: the least one, and each break above it */
    public function covering(int $pieces): array
    {
        $orders = [$this->legal($pieces)];
        foreach ($this->breaks as $break) {
            if ($break['from'] > $pieces) {
                $orders[] = $this->legal($break['from']);
            }
        }

        return array_values(array_unique(array_filter($orders, is_int(...))));
    }

    /** @return list<int> orders of fewer pieces at which the price or what is possible changes */
    public function corners(int $below): array
    {
        $orders = [$this->legal(1), $this->below($below - 1)];
        foreach ($this->breaks as $break) {
            $orders[] = $this->legal($break['from']);
            $orders[] = $this->below($break['from'] - 1);
        }

        return array_values(
            array_unique(array_filter($orders, static fn(?int $order): bool => $order !== null && $order < $below)),
        );
    }

    /** @return list<int> legal orders within so many multiples of so many pieces */
    public function near(int $pieces, int $multiples): array
    {
        $orders = [];
        for ($step = -$multiples; $step <= $multiples; ++$step) {
            $order = $this->below($pieces + $step * $this->multiple);
            if ($order !== null) {
                $orders[$order] = $order;
            }
        }

        return array_values($orders);
    }

    /** @return ?int the cheapest order of so many pieces or more */
    public function cheapest(int $pieces): ?int
    {
        $best = null;
        foreach ($this->covering($pieces) as $order) {
            $best = $best === null || $this->cost($order) < $this->cost($best) ? $order : $best;
        }

        return $best;
    }

    /** Whether a larger order has a higher price of a piece, which is rarely meant. */
    public function rises(): bool
    {
        for ($i = 1; $i < count($this->breaks); ++$i) {
            if ($this->breaks[$i]['price'] > $this->breaks[$i - 1]['price']) {
                return true;
            }
        }

        return false;
    }

    private static function plain(int $price): BigDecimal
    {
        return BigDecimal::ofUnscaledValue($price, self::DECIMALS)->stripTrailingZeros();
    }
}
