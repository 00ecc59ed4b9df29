<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

use Brick\Math\BigDecimal;

/**
 * Fewest cents of spares for a chance of complete kits, exact: branch and bound over the lines, the bound from the steps that gain most for
 * their price. Each step of a line gains less than the one before, so that the bound is that of a continuous knapsack.
 *
 * @phpstan-type State array{best: float, chosen: array<int, int>, missing: float, steps: int}
 */
final readonly class SparesPlanner
{
    private const MOST = 200;
    private const STEPS = 2_000_000;
    /** Of what is still missing, a line's further spares may bring no more than this. */
    private const NEGLIGIBLE = 1e-13;
    private const EPSILON = 1e-12;

    /** @param list<array{cost: float, gains: list<float>}> $lines */
    private function __construct(private array $lines) {}

    /** @param list<SpareLine> $lines */
    public static function plan(array $lines, float $target): SparesPlan
    {
        $start = array_sum(array_map(static fn(SpareLine $line): float => $line->goodWith(0), $lines));
        $self = new self(array_map(self::steps(...), $lines));
        $state = $self->greedy(log($target) - $start);
        // The dearest first: what they take is known early.
        $order = array_keys($self->lines);
        usort(
            $order,
            static fn(int $a, int $b): int => $self->lines[$b]['cost'] <=> $self->lines[$a]['cost'] ?: $a <=> $b,
        );
        $self->branch($order, 0, log($target) - $start, 0.0, array_fill(0, count($lines), 0), $state);
        $cost = BigDecimal::zero();
        $chance = 0.0;
        foreach ($lines as $at => $line) {
            $cost = $cost->plus($line->unitCost->multipliedBy($state['chosen'][$at] ?? 0));
            $chance += $line->goodWith($state['chosen'][$at] ?? 0);
        }

        return new SparesPlan(
            $lines,
            array_values($state['chosen']),
            exp($chance),
            $cost,
            $state['steps'] <= self::STEPS,
        );
    }

    /** @return array{cost: float, gains: list<float>} what each further spare adds to the logarithm of the chance */
    private static function steps(SpareLine $line): array
    {
        $gains = [];
        $before = $line->goodWith(0);
        for ($spares = 1; $spares <= self::MOST; ++$spares) {
            $now = $line->goodWith($spares);
            if ($now - $before < self::NEGLIGIBLE) {
                break;
            }
            $gains[] = $now - $before;
            $before = $now;
        }

        return ['cost' => $line->unitCost->toFloat(), 'gains' => $gains];
    }

    /**
     * Something to begin with: the step that gains most for its price, again and again.
     *
     * @return State
     */
    private function greedy(float $needed): array
    {
        $chosen = array_fill(0, count($this->lines), 0);
        $cost = 0.0;
        while ($needed > self::EPSILON) {
            $best = null;
            foreach ($this->lines as $at => $line) {
                $gain = $line['gains'][$chosen[$at]] ?? 0.0;
                $value = $gain / max(1e-12, $line['cost']);
                if ($gain > 0.0 && ($best === null || $value > $best[1])) {
                    $best = [$at, $value, $gain];
                }
            }
            if ($best === null) {
                break;
            }
            ++$chosen[$best[0]];
            $needed -= $best[2];
            $cost += $this->lines[$best[0]]['cost'];
        }
        return [
            'best' => $needed > self::EPSILON ? INF : $cost,
            'chosen' => $chosen,
            'missing' => $needed,
            'steps' => 0,
        ];
    }

    /**
     * @param list<int> $order
     * @param float $needed logarithm that is still missing
     * @param array<int, int> $spares
     * @param State $state
     */
    private function branch(array $order, int $depth, float $needed, float $cost, array $spares, array &$state): void
    {
        if (++$state['steps'] > self::STEPS) {
            return;
        }
        if ($needed <= self::EPSILON) {
            // Of plans of equal cost the surer one.
            if (
                $cost < $state['best'] - 1e-9 ||
                ($cost < $state['best'] + 1e-9 && $needed < $state['missing'] - self::EPSILON)
            ) {
                $state['best'] = $cost;
                $state['chosen'] = $spares;
                $state['missing'] = $needed;
            }

            return;
        }
        if ($depth === count($order) || $cost + $this->least($order, $depth, $needed) > $state['best'] + 1e-9) {
            return;
        }
        $line = $order[$depth];
        $gains = $this->lines[$line]['gains'];
        for ($count = 0; $count <= count($gains); ++$count) {
            $spares[$line] = $count;
            $this->branch($order, $depth + 1, $needed, $cost, $spares, $state);
            $needed -= $gains[$count] ?? 0.0;
            $cost += $this->lines[$line]['cost'];
            if ($cost > $state['best'] + 1e-9) {
                return;
            }
        }
    }

    /**
     * What the rest costs at least, if a step might be taken in part.
     *
     * @param list<int> $order
     */
    private function least(array $order, int $depth, float $needed): float
    {
        $steps = [];
        foreach (array_slice($order, $depth) as $line) {
            foreach ($this->lines[$line]['gains'] as $gain) {
                $steps[] = [$this->lines[$line]['cost'] / $gain, $gain];
            }
        }
        sort($steps);
        $cost = 0.0;
        foreach ($steps as [$price, $gain]) {
            $part = min($gain, $needed);
            $cost += $part * $price;
            $needed -= $part;
            if ($needed <= self::EPSILON) {
                return $cost;
            }
        }

        return INF;
    }
}
