<?php

declare(strict_types=1);

namespace Chiralex\Bench\Internal;

use Chiralex\Bench\Expression;
use Chiralex\Bench\Interval;

/**
 * A formula as a list of operations, each once however often its result is used: what it costs to evaluate grows with the list,
 * not with the ways through it. Slopes of all parts come from one pass backward over the list.
 */
final readonly class Tape
{
    /**
     * @param non-empty-list<array{string, int, int, float, string}> $nodes operation, its two arguments by place, number, part
     * @param list<string> $parts designators, each once, in natural order
     */
    private function __construct(private array $nodes, public array $parts) {}

    public static function of(Expression $expression): self
    {
        $nodes = $places = [];
        self::place($expression, $nodes, $places);
        $parts = array_values(
            array_unique(array_filter(array_column($nodes, 4), static fn(string $part): bool => $part !== '')),
        );
        sort($parts, SORT_NATURAL);
        /** @var non-empty-list<array{string, int, int, float, string}> $nodes */

        return new self($nodes, $parts);
    }

    /** How many operations one evaluation takes. */
    public function length(): int
    {
        return count($this->nodes);
    }

    /**
     * @param array<string, float> $at value of each part
     * @return float not a number, or infinite, where it cannot be worked out
     */
    public function evaluate(array $at): float
    {
        $values = [];
        foreach ($this->nodes as [$operation, $a, $b, $number, $part]) {
            $values[] = match ($operation) {
                'number' => $number,
                'part' => $at[$part] ?? NAN,
                '+' => $values[$a] + $values[$b],
                '*' => $values[$a] * $values[$b],
                '/' => $values[$b] === 0.0 ? NAN : $values[$a] / $values[$b],
                'negate' => -$values[$a],
                'exp' => exp($values[$a]),
                default => sqrt(max(0.0, $values[$a])),
            };
        }

        return $values[count($values) - 1];
    }

    /** @param array<string, Interval> $in interval of each part */
    public function enclose(array $in): Interval
    {
        $intervals = $this->intervals($in);

        return $intervals[count($intervals) - 1];
    }

    /**
     * The partial derivative by each part, enclosed over the box.
     *
     * @param array<string, Interval> $in
     * @return array<string, Interval>
     */
    public function slopes(array $in): array
    {
        $values = $this->intervals($in);
        $zero = Interval::point(0.0);
        $slopes = array_fill_keys($this->parts, $zero);
        /** @var array<int, Interval> $weights how much the result moves with each operation */
        $weights = [count($values) - 1 => Interval::point(1.0)];
        for ($i = count($this->nodes) - 1; $i >= 0; --$i) {
            $weight = $weights[$i] ?? null;
            [$operation, $a, $b, , $part] = $this->nodes[$i];
            if ($weight === null || $operation === 'number') {
                continue;
            }
            if ($operation === 'part') {
                $slopes[$part] = $slopes[$part]->plus($weight);
                continue;
            }
            foreach ($this->shares($operation, $weight, $values[$i], $values[$a], $values[$b]) as $argument => $share) {
                $place = $argument === 0 ? $a : $b;
                $weights[$place] = isset($weights[$place]) ? $weights[$place]->plus($share) : $share;
            }
        }

        return $slopes;
    }

    /** @return array{0: Interval, 1?: Interval} what each argument has of the weight of an operation */
    private function shares(string $operation, Interval $weight, Interval $value, Interval $a, Interval $b): array
    {
        return match ($operation) {
            '+' => [$weight, $weight],
            '*' => [$weight->times($b), $weight->times($a)],
            '/' => [$weight->over($b), $weight->times($value)->over($b)->negated()],
            'negate' => [$weight->negated()],
            'exp' => [$weight->times($value)],
            default => [$weight->over(Interval::point(2.0)->times($value))],
        };
    }

    /**
     * @param array<string, Interval> $in
     * @return non-empty-list<Interval>
     */
    private function intervals(array $in): array
    {
        /** @var non-empty-list<Interval> $values an operation stands behind its arguments */
        $values = [];
        foreach ($this->nodes as [$operation, $a, $b, $number, $part]) {
            $values[] = match ($operation) {
                'number' => Interval::point($number),
                'part' => $in[$part] ?? Interval::everything(),
                '+' => $values[$a]->plus($values[$b]),
                '*' => $values[$a]->times($values[$b]),
                '/' => $values[$a]->over($values[$b]),
                'negate' => $values[$a]->negated(),
                'exp' => $values[$a]->exp(),
                default => $values[$a]->sqrt(),
            };
        }

        return $values;
    }

    /**
     * @param list<array{string, int, int, float, string}> $nodes
     * @param array<int, int> $places object to its place in the list
     */
    private static function place(Expression $expression, array &$nodes, array &$places): int
    {
        $known = $places[spl_object_id($expression)] ?? null;
        if ($known !== null) {
            return $known;
        }
        $arguments = [];
        foreach ($expression->arguments as $argument) {
            $arguments[] = self::place($argument, $nodes, $places);
        }
        $nodes[] = [
            $expression->operation,
            $arguments[0] ?? 0,
            $arguments[1] ?? 0,
            $expression->value,
            $expression->part,
        ];

        return $places[spl_object_id($expression)] = count($nodes) - 1;
    }
}
