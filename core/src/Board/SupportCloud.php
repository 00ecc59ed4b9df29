<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** Support points column by column, which the search for the facet reads fastest; points are only added. */
final readonly class SupportCloud
{
    /**
     * @param list<float> $x
     * @param list<float> $y
     * @param list<float> $z
     * @param list<string> $owners
     */
    private function __construct(public array $x, public array $y, public array $z, public array $owners) {}

    /** @param list<SupportPoint> $points */
    public static function of(array $points): self
    {
        return (new self([], [], [], []))->with($points);
    }

    /** @param list<SupportPoint> $points */
    public function with(array $points): self
    {
        [$x, $y, $z, $owners] = [$this->x, $this->y, $this->z, $this->owners];
        foreach ($points as $point) {
            $x[] = $point->x;
            $y[] = $point->y;
            $z[] = $point->z;
            $owners[] = $point->owner;
        }

        return new self($x, $y, $z, $owners);
    }
}
