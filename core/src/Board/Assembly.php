<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** Boards that lie as one piece: a board and those still joined to it, in the coordinates of the first. */
final readonly class Assembly
{
    /** FR-4, grams per cubic millimetre, from memory. */
    private const DENSITY = 0.00185;

    /** @param non-empty-array<string, array{BoardShape, Point}> $boards by name, with the place of each origin */
    private function __construct(private array $boards) {}

    /**
     * The piece that a board belongs to.
     *
     * @param list<BoardShape> $shapes all boards of the kit
     * @param list<string> $snapped names of boards already broken off
     */
    public static function around(BoardShape $board, array $shapes, array $snapped = []): self
    {
        $byName = [];
        foreach ($shapes as $shape) {
            $byName[$shape->name] = $shape;
        }
        $parent = static fn(BoardShape $shape): ?BoardShape => $shape->joined->to === null ||
        in_array($shape->name, $snapped, true)
            ? null
            : $byName[$shape->joined->to] ?? null;
        $root = $board;
        for ($depth = 0; $depth < count($shapes) && $parent($root) !== null; ++$depth) {
            $root = $parent($root);
        }
        $boards = [$root->name => [$root, new Point(0.0, 0.0)]];
        for ($depth = 0; $depth < count($shapes); ++$depth) {
            foreach ($shapes as $shape) {
                $on = $parent($shape);
                if (!isset($boards[$shape->name]) && $on !== null && isset($boards[$on->name])) {
                    $base = $boards[$on->name][1];
                    $boards[$shape->name] = [$shape, $base->plus($shape->joined->at->x, $shape->joined->at->y)];
                }
            }
        }

        return new self($boards);
    }

    public function has(string $board): bool
    {
        return isset($this->boards[$board]);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->boards));
    }

    public function offset(string $board): Point
    {
        return $this->boards[$board][1] ?? new Point(0.0, 0.0);
    }

    /** @return list<Polygon> outlines in common coordinates */
    public function outlines(): array
    {
        return array_values(
            array_map(
                static fn(array $entry): Polygon => $entry[0]->outline->moved($entry[1]->x, $entry[1]->y),
                $this->boards,
            ),
        );
    }

    /**
     * Area centroid of the outlines, with the masses of fitted parts where they are known.
     *
     * @param list<PlacedBody> $fitted
     */
    public function centre(array $fitted): Point
    {
        $mass = $x = $y = 0.0;
        foreach ($this->boards as [$shape, $at]) {
            $outline = $shape->outline->moved($at->x, $at->y);
            $grams = $outline->area() * $shape->stuff->thickness * self::DENSITY;
            $centre = $outline->centroid();
            [$mass, $x, $y] = [$mass + $grams, $x + $grams * $centre->x, $y + $grams * $centre->y];
        }
        foreach ($fitted as $body) {
            if ($body->mount->grams !== null) {
                $at = $this->offset($body->face->board);
                $mass += $body->mount->grams;
                $x += $body->mount->grams * ($body->centre->x + $at->x);
                $y += $body->mount->grams * ($body->centre->y + $at->y);
            }
        }

        return $mass > 0 ? new Point($x / $mass, $y / $mass) : new Point(0.0, 0.0);
    }
}
