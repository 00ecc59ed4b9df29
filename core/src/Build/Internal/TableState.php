<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Board\Assembly;
use Chiralex\Board\Lie;
use Chiralex\Board\Lying;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Side;
use Chiralex\Board\SupportCloud;

/** What one assembly carries so far; the lie of each step starts from the facet of the step before. */
final readonly class TableState
{
    /**
     * @param list<PlacedBody> $fitted
     * @param array<string, SupportCloud> $clouds by the side that looks down
     * @param array<string, array{int, int, int}> $triangles the last facet of each side
     */
    private function __construct(
        private Assembly $assembly,
        private array $fitted,
        private array $clouds,
        private array $triangles,
    ) {}

    /** @param list<PlacedBody> $fitted */
    public static function of(Assembly $assembly, array $fitted): self
    {
        $clouds = [];
        foreach (Side::cases() as $side) {
            $clouds[$side->value] = SupportCloud::of((new Lying())->points($assembly, $side, []));
        }

        return (new self($assembly, [], $clouds, []))->with($fitted);
    }

    /** @param list<PlacedBody> $bodies */
    public function with(array $bodies): self
    {
        $lying = new Lying();
        $clouds = [];
        foreach (Side::cases() as $side) {
            $points = array_merge(
                ...array_map(fn(PlacedBody $body): array => $lying->bodyPoints($this->assembly, $side, $body), $bodies),
                ...[[]],
            );
            $clouds[$side->value] = $this->clouds[$side->value]->with($points);
        }

        return new self($this->assembly, [...$this->fitted, ...$bodies], $clouds, $this->triangles);
    }

    /** @return array{Lie, self} the lie, and the state that remembers its facet */
    public function lie(Side $down): array
    {
        $lie = (new Lying())->settle(
            $this->clouds[$down->value],
            $this->assembly->centre($this->fitted),
            $this->triangles[$down->value] ?? null,
        );

        return [
            $lie,
            new self(
                $this->assembly,
                $this->fitted,
                $this->clouds,
                [$down->value => $lie->triangle] + $this->triangles,
            ),
        ];
    }
}
