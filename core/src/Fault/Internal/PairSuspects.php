<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Fault\Cause;
use Chiralex\Fault\Data\Odds;
use Chiralex\Kit\Wire;

/** What may be taken for each other: parts that look alike, wires. */
final readonly class PairSuspects
{
    /** Pairs of parts that are looked at, the likeliest. */
    private const MOST = 150;

    public function __construct(private Bench $bench) {}

    /** @return list<Draft> */
    public function all(): array
    {
        return [...$this->parts(), ...$this->wires()];
    }

    /** @return list<Draft> */
    private function parts(): array
    {
        $drafts = [];
        foreach ($this->bench->alike->groups as $group) {
            foreach ($group->looks as $at => $these) {
                $here = $this->there($these);
                foreach (array_slice($group->looks, $at + 1) as $those) {
                    $other = $this->there($those);
                    // Whoever takes one look for the other does it once: its places share the chance.
                    $odds = (Odds::SWAPPED * $group->confusion->degree) / sqrt(max(1, count($here) * count($other)));
                    foreach ($here as $one) {
                        foreach ($other as $two) {
                            $drafts += $this->pair($one, $two, $odds);
                        }
                    }
                }
            }
        }
        foreach ($this->bench->alike->named() as $one => $others) {
            foreach ($this->there([(string) $one]) as $name) {
                foreach ($this->there(array_map(strval(...), array_keys($others))) as $two) {
                    $drafts += $this->pair($name, $two, Odds::SWAPPED);
                }
            }
        }
        uasort($drafts, static fn(Draft $a, Draft $b): int => $b->odds <=> $a->odds ?: strnatcmp($a->name, $b->name));

        return array_slice(array_values($drafts), 0, self::MOST);
    }

    /**
     * @param list<string> $names
     * @return list<string> those that stand there
     */
    private function there(array $names): array
    {
        return array_values(array_filter($names, $this->bench->stands(...)));
    }

    /** @return array<string, Draft> */
    private function pair(string $one, string $other, float $odds): array
    {
        $names = [$one, $other];
        sort($names, SORT_NATURAL);
        $steps = array_filter([$this->bench->step($one), $this->bench->step($other)], is_int(...));

        return [
            implode(' ', $names) => new Draft(
                "{$names[0]} and {$names[1]} swapped",
                Cause::Swapped,
                $names,
                $odds,
                $steps === [] ? null : max($steps),
            ),
        ];
    }

    /** @return list<Draft> wires of the same colour, and those that end beside each other */
    private function wires(): array
    {
        $drafts = [];
        $wires = $this->bench->until === null ? $this->bench->kit->work->wires : [];
        foreach ($wires as $at => $one) {
            foreach (array_slice($wires, $at + 1) as $other) {
                $alike = $one->colour !== '' && $one->colour === $other->colour;
                if ($alike || self::meet($one, $other)) {
                    $drafts[] = new Draft(
                        "{$one->name} and {$other->name} swapped",
                        Cause::WiresSwapped,
                        [$one->name, $other->name],
                        $alike ? Odds::WIRES_ALIKE : Odds::WIRES_APART,
                    );
                }
            }
        }

        return array_slice($drafts, 0, self::MOST);
    }

    private static function meet(Wire $one, Wire $other): bool
    {
        $ends = static fn(Wire $wire): array => array_map(static fn($end): string => $end->part, $wire->ends());

        return array_intersect($ends($one), $ends($other)) !== [];
    }
}
