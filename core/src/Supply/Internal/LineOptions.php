<?php

declare(strict_types=1);

namespace Chiralex\Supply\Internal;

use Chiralex\Supply\Buying\Demand;
use Chiralex\Supply\Buying\Tariff;

/**
 * Ways to meet the demand of one line. Between two breaks the cost of an order grows evenly, so that of several orders all but one lie at
 * a corner of their tariff: those are tried with each other, and the last one covers what is left.
 */
final readonly class LineOptions
{
    /** Corners of several suppliers together grow fast; so many suppliers share a line at most, unless nobody has enough. */
    private const SHARES = 3;
    /** Multiples of an order that are tried beside a corner. */
    private const BESIDE = 20;

    private function __construct(private Demand $demand) {}

    /** @return list<LineOption> none where nobody sells enough */
    public static function of(Demand $demand): array
    {
        $self = new self($demand);
        $found = [];
        $self->share([], $demand->needed, 0, self::SHARES, $found);
        if ($found === []) {
            $self->share([], $demand->needed, 0, count($demand->tariffs), $found);
        }

        return array_values($found);
    }

    /**
     * The same with one order of any legal size, so that goods reach a limit exactly.
     *
     * @param int $limit minor units of goods that the supplier's order may have to reach
     * @param int $most sizes that are tried
     * @param float $dearest minor units of goods from which an order is too dear by itself
     * @return list<LineOption>
     */
    public static function through(Demand $demand, Tariff $through, int $limit, int $most, float $dearest): array
    {
        $self = new self($demand);
        $found = [];
        $order = $through->legal(1);
        for ($count = 0; $order !== null && $count < $most; ++$count) {
            $rest = max(0, $demand->needed - $order);
            if ($through->cost($order) > $dearest) {
                if ($through->cost($order) >= $limit) {
                    break;
                }
            } elseif ($rest === 0) {
                $self->put([$through->supplier => $order], $found);
                if ($through->cost($order) >= $limit) {
                    break;
                }
            } else {
                $self->cover([$through->supplier => $order], $rest, $found);
            }
            $order = $through->legal($order + 1);
        }

        return array_values($found);
    }

    /**
     * @param array<int, int> $orders
     * @param int $from place of the tariff that may share next
     * @param array<string, LineOption> $found
     */
    private function share(array $orders, int $rest, int $from, int $shares, array &$found): void
    {
        $this->cover($orders, $rest, $found);
        if ($shares <= 1) {
            return;
        }
        for ($at = $from; $at < count($this->demand->tariffs); ++$at) {
            $tariff = $this->demand->tariffs[$at];
            $sizes = array_filter(
                [...$tariff->corners($rest), ...$this->besideCorners($tariff, $orders, $rest)],
                static fn(int $size): bool => $size < $rest,
            );
            foreach (array_unique($sizes) as $size) {
                $this->share($orders + [$tariff->supplier => $size], $rest - $size, $at + 1, $shares - 1, $found);
            }
        }
    }

    /**
     * Of two orders with different multiples neither need lie at a corner: moved from one to the other by their least common multiple the
     * sum stays, and one way is not dearer, until one of them is less than that from a corner. So the one with the larger multiple is
     * tried around what the other leaves at each of its corners.
     *
     * @param array<int, int> $orders
     * @return list<int>
     */
    private function besideCorners(Tariff $tariff, array $orders, int $rest): array
    {
        $sizes = [];
        foreach ($this->demand->tariffs as $other) {
            if (
                isset($orders[$other->supplier]) ||
                $other->multiple >= $tariff->multiple ||
                $other->supplier === $tariff->supplier
            ) {
                continue;
            }
            $multiples = min(self::BESIDE, intdiv($other->multiple, self::common($tariff->multiple, $other->multiple)));
            foreach ($other->corners($rest) as $corner) {
                foreach ($tariff->near($rest - $corner, $multiples) as $size) {
                    $sizes[$size] = $size;
                }
            }
        }

        return array_values($sizes);
    }

    /** Greatest common divisor. */
    private static function common(int $a, int $b): int
    {
        return $b === 0 ? $a : self::common($b, $a % $b);
    }

    /**
     * @param array<int, int> $orders the last one is added
     * @param array<string, LineOption> $found
     */
    private function cover(array $orders, int $rest, array &$found): void
    {
        foreach ($this->demand->tariffs as $tariff) {
            foreach (isset($orders[$tariff->supplier]) ? [] : $tariff->covering($rest) as $order) {
                $this->put($orders + [$tariff->supplier => $order], $found);
            }
        }
    }

    /**
     * @param array<int, int> $orders
     * @param array<string, LineOption> $found
     */
    private function put(array $orders, array &$found): void
    {
        ksort($orders);
        $key = json_encode($orders, JSON_THROW_ON_ERROR);
        if (isset($found[$key])) {
            return;
        }
        $goods = [];
        $mask = 0;
        foreach ($orders as $supplier => $pieces) {
            $goods[$supplier] = $this->demand->tariff($supplier)?->cost($pieces) ?? 0;
            $mask |= 1 << $supplier;
        }
        $found[$key] = new LineOption($orders, $goods, $mask, array_sum($orders));
    }
}
