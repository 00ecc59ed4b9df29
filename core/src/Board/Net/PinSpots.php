<?php

declare(strict_types=1);

namespace Chiralex\Board\Net;

use Chiralex\Board\Point;

/** Where a test file puts the pins of parts, in its own coordinates, millimetres. */
final readonly class PinSpots
{
    /**
     * @param array<array-key, array<array-key, Point>> $spots part to pin to place
     * @param array<array-key, true> $below parts whose pins are reached from the bottom alone
     */
    public function __construct(public array $spots = [], public array $below = []) {}

    public function with(string $part, string $pin, Point $at, string $access): self
    {
        $spots = $this->spots;
        $spots[$part][$pin] ??= $at;
        $isFirst = !isset($this->spots[$part]);
        $below = $this->below;
        if ($access === '02' && $isFirst) {
            $below[$part] = true;
        } elseif ($access !== '02') {
            unset($below[$part]);
        }

        return new self($spots, $below);
    }

    public function and(self $other): self
    {
        return new self($this->spots + $other->spots, $this->below + $other->below);
    }
}
