<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\BodyGrid;
use Chiralex\Board\FreeApproach;
use Chiralex\Board\PlacedBody;
use Chiralex\Build\Internal\Approach;
use Chiralex\Kit\Kit;
use Chiralex\Kit\SolderFrom;

/** Tells from where iron and fingers reach a part past what is fitted. */
final readonly class Reachability
{
    private const IRON_REACH = 6.0;
    private const FINGER_REACH = 8.0;

    public function __construct(private Kit $kit) {}

    /**
     * @param ?list<string> $fitted designators on the board; null for all of them
     * @return list<Reachable> empty for a part without a place
     */
    public function of(string $designator, ?array $fitted = null): array
    {
        $part = $this->kit->part($designator);
        if ($part?->place->body === null) {
            return [];
        }
        $front = $this->kit->choices->settings->bench->solderFrom === SolderFrom::Front;
        $bodies = array_values(
            array_filter(
                $this->kit->bodies(),
                static fn(PlacedBody $body): bool => $fitted === null || in_array($body->designator, $fitted, true),
            ),
        );
        $grid = BodyGrid::of($bodies);
        $largest = max([0.0, ...array_map(FreeApproach::extent(...), $bodies)]);
        $approach = new Approach($part, $part->place->body, $front);
        $half = hypot($part->shape->outline->along, $part->shape->outline->across) / 2;

        return array_map(
            fn(string $need): Reachable => new Reachable(
                $need,
                $need === 'fingers' || $front
                    ? $part->place->body->face->side
                    : $part->place->body->face->side->other(),
                $approach->directions($need, $approach->near($need, $grid, $largest)),
                $need === 'fingers' ? $half + self::FINGER_REACH : self::IRON_REACH,
                $approach->fits($need, $approach->near($need, $grid, $largest)),
            ),
            $approach->needs(),
        );
    }
}
