<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** A set of directions about a point, as arcs in degrees counter-clockwise from +x; kept sorted and apart. */
final readonly class Azimuths
{
    private const EPSILON = 1e-9;

    /** @param list<array{float, float}> $arcs from and to, 0 <= from < 360, from < to <= from + 360 */
    private function __construct(public array $arcs) {}

    public static function none(): self
    {
        return new self([]);
    }

    public static function all(): self
    {
        return new self([[0.0, 360.0]]);
    }

    /** The directions from one angle on for some degrees. */
    public static function arc(float $from, float $width): self
    {
        return match (true) {
            $width <= 0.0 => self::none(),
            $width >= 360.0 - self::EPSILON => self::all(),
            default => self::merged([[fmod(fmod($from, 360.0) + 360.0, 360.0), $width]]),
        };
    }

    public function with(self $other): self
    {
        return self::merged(
            array_map(static fn(array $arc): array => [$arc[0], $arc[1] - $arc[0]], [...$this->arcs, ...$other->arcs]),
        );
    }

    /** What is left of the full turn. */
    public function complement(): self
    {
        if ($this->arcs === []) {
            return self::all();
        }
        if ($this->arcs[0][1] - $this->arcs[0][0] >= 360.0 - self::EPSILON) {
            return self::none();
        }
        $gaps = [];
        foreach ($this->arcs as $index => [, $to]) {
            $next = $this->arcs[$index + 1][0] ?? $this->arcs[0][0] + 360.0;
            if ($next - $to > self::EPSILON) {
                $gaps[] = [fmod($to, 360.0), $next - $to];
            }
        }

        return self::merged($gaps);
    }

    /** Each arc drawn in by so many degrees at either end. */
    public function shrunk(float $degrees): self
    {
        if ($this->widest() >= 360.0 - self::EPSILON) {
            return $this;
        }

        return self::merged(
            array_values(
                array_filter(
                    array_map(
                        static fn(array $arc): array => [
                            fmod($arc[0] + $degrees, 360.0),
                            $arc[1] - $arc[0] - 2 * $degrees,
                        ],
                        $this->arcs,
                    ),
                    static fn(array $arc): bool => $arc[1] >= -self::EPSILON,
                ),
            ),
            true,
        );
    }

    /** True when some direction and the one opposite to it are both in the set. */
    public function hasOpposites(): bool
    {
        foreach ($this->arcs as [$from, $to]) {
            foreach ($this->arcs as [$low, $high]) {
                foreach ([-540.0, -180.0, 180.0, 540.0] as $turn) {
                    if ($from + $turn <= $high + self::EPSILON && $to + $turn >= $low - self::EPSILON) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** Degrees of the widest arc. */
    public function widest(): float
    {
        return $this->arcs === []
            ? 0.0
            : max(array_map(static fn(array $arc): float => $arc[1] - $arc[0], $this->arcs));
    }

    /**
     * @param list<array{float, float}> $arcs from and width
     * @param bool $points true keeps arcs of no width
     */
    private static function merged(array $arcs, bool $points = false): self
    {
        $arcs = array_values(array_filter($arcs, static fn(array $arc): bool => $points || $arc[1] > self::EPSILON));
        foreach ($arcs as [, $width]) {
            if ($width >= 360.0 - self::EPSILON) {
                return self::all();
            }
        }
        usort($arcs, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $out = [];
        foreach ($arcs as [$from, $width]) {
            $last = count($out) - 1;
            if ($last >= 0 && $from <= $out[$last][1] + self::EPSILON) {
                $out[$last] = [$out[$last][0], max($out[$last][1], $from + $width)];
            } else {
                $out[] = [$from, $from + max(0.0, $width)];
            }
        }
        // The last arcs may run past 360 into the first ones.
        while (count($out) > 1 && $out[count($out) - 1][1] >= $out[0][0] + 360.0 - self::EPSILON) {
            $first = array_shift($out);
            $end = array_pop($out);
            $out[] = [$end[0], max($end[1], $first[1] + 360.0)];
        }
        if ($out !== [] && $out[0][1] - $out[0][0] >= 360.0 - self::EPSILON) {
            return self::all();
        }

        return new self($out);
    }
}
