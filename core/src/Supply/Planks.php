<?php

declare(strict_types=1);

namespace Chiralex\Supply;

/** The parts of a kit as planks, the shortest first: it says how many kits can be packed today. */
final readonly class Planks
{
    /** @param list<Plank> $planks shortest first; of equals the one that stays shorter, then by key */
    private function __construct(public array $planks) {}

    /** @param list<Plank> $planks */
    public static function of(array $planks): self
    {
        usort(
            $planks,
            static fn(Plank $a, Plank $b): int => [$a->kits(), $a->laterKits(), $a->key] <=> [
                $b->kits(),
                $b->laterKits(),
                $b->key,
            ],
        );

        return new self($planks);
    }

    /** Kits that can be packed today: the shortest plank; none where a kit has no parts. */
    public function waterline(): int
    {
        return isset($this->planks[0]) ? $this->planks[0]->kits() : 0;
    }

    /** Kits that can be packed once all that is ordered has come. */
    public function laterWaterline(): int
    {
        return $this->planks === []
            ? 0
            : min(array_map(static fn(Plank $plank): int => $plank->laterKits(), $this->planks));
    }
}
