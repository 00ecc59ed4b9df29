<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Board\PlacedBody;

/** What single decisions cost, shared by the exact and the constructive search. */
final readonly class Costs
{
    /** A part is an inversion under another from this difference in height on, in millimetres. */
    public const INVERSION = 0.5;
    /** Heights within one step of lowest first, in millimetres. */
    public const SPREAD = 1.0;
    private const EPSILON = 1e-9;

    /** @param list<PlacedBody> $always bodies on the boards from the beginning, fitted at the factory */
    public function __construct(private Items $items, private Holding $holding, private array $always) {}

    /**
     * The costs of some items with others done before.
     *
     * @param Items $items the ones to order
     * @param list<int> $done numbers in the whole
     */
    public function on(Items $items, array $done): self
    {
        return new self($items, $this->holding, [
            ...$this->always,
            ...array_values(
                array_filter(array_map(fn(int $item): ?PlacedBody => $this->items->parts[$item]->place->body, $done)),
            ),
        ]);
    }

    /**
     * Parts that may change places without anybody noticing: of one kind, value, height, place, with the same rules and
     * look-alikes. Only where no hold depends on how the board lies.
     *
     * @param list<int> $subset
     * @return array<int, int> item to the twin before it in the list
     */
    public function twins(array $subset): array
    {
        $last = $twins = [];
        foreach ($subset as $item) {
            if (!$this->holding->isKnown($this->items->parts[$item])) {
                return [];
            }
            $key = serialize([
                $this->items->places[$item],
                $this->items->heights[$item],
                $this->items->kinds[$item],
                $this->items->values[$item],
                $this->items->blocks->of[$item],
                $this->items->before[$item],
                $this->items->looks->alike[$item],
                $this->items->looks->crowds[$item],
                array_filter(
                    array_keys($this->items->before),
                    fn(int $other): bool => isset($this->items->before[$other][$item]),
                ),
            ]);
            if (isset($last[$key])) {
                $twins[$item] = $last[$key];
            }
            $last[$key] = $item;
        }

        return $twins;
    }

    /**
     * How many sets of parts done an exact search has to look at.
     *
     * @param list<int> $subset
     */
    public function states(array $subset): int
    {
        $twins = $this->twins($subset);
        $length = [];
        $states = 1;
        foreach ($subset as $item) {
            $length[$item] = isset($twins[$item]) ? ($length[$twins[$item]] ?? 1) + 1 : 1;
            // A chain of g twins has g + 1 sets: each link turns g into g + 1.
            $states = intdiv($states * ($length[$item] + 1), $length[$item]);
        }

        return $states;
    }

    /** True when fitting item a before item b is an inversion that nothing forces. */
    public function inverts(int $a, int $b): bool
    {
        return $this->items->places[$a] === $this->items->places[$b] &&
            $this->items->heights[$a] > $this->items->heights[$b] + self::INVERSION + self::EPSILON &&
            !isset($this->items->before[$b][$a]);
    }

    public function spreadFits(float $low, float $high): bool
    {
        return $high - $low <= self::SPREAD + self::EPSILON;
    }

    /**
     * Parts of a step that the table does not hold.
     *
     * @param list<int> $step
     * @param list<int> $fitted items done before, in any order
     */
    public function hanging(array $step, array $fitted): int
    {
        $hanging = 0;
        $open = [];
        foreach ($step as $item) {
            $part = $this->items->parts[$item];
            if ($this->holding->isKnown($part)) {
                $hanging += $this->holding->hold($part, null)->hangs() ? 1 : 0;
            } else {
                $open[] = $item;
            }
        }
        if ($open === []) {
            return $hanging;
        }
        $bodies = $this->always;
        foreach ([...$fitted, ...$step] as $item) {
            $body = $this->items->parts[$item]->place->body;
            if ($body !== null) {
                $bodies[] = $body;
            }
        }
        $lie = $this->holding->lie($this->items->board($open[0]), $this->items->side($open[0]), $bodies);
        foreach ($open as $item) {
            $hanging += $this->holding->hold($this->items->parts[$item], $lie)->hangs() ? 1 : 0;
        }

        return $hanging;
    }

    /**
     * @param list<int> $step in its sorted order
     * @return array{int, int, int} block, kind and value switches between neighbours, the item before the step among them
     */
    public function switches(?int $last, array $step): array
    {
        $blocks = $kinds = $values = 0;
        foreach ($step as $item) {
            if ($last !== null) {
                $blocks += $this->items->blocks->of[$last] === $this->items->blocks->of[$item] ? 0 : 1;
                if ($this->items->kinds[$last] !== $this->items->kinds[$item]) {
                    ++$kinds;
                } elseif ($this->items->values[$last] !== $this->items->values[$item]) {
                    ++$values;
                }
            }
            $last = $item;
        }

        return [$blocks, $kinds, $values];
    }
}
