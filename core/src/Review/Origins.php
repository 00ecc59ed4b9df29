<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Board\BoardShape;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Board\Polygon;
use Chiralex\Kit\Kit;

/** Boards whose places and outline count from different origins, and how far the places would have to move to lie on it. */
final readonly class Origins
{
    /** Fewer places than this tell nothing. */
    private const LEAST = 2;

    /** @return array<string, Point> board to the move that puts its places in the middle of its outline; it is a guess */
    public static function off(Kit $kit): array
    {
        $moves = [];
        foreach ($kit->boards as $board) {
            $places = self::places($kit, $board);
            $outside = array_filter($places, static fn(Point $at): bool => !$board->outline->contains($at));
            if ($board->outlineGiven && count($places) >= self::LEAST && count($outside) * 2 > count($places)) {
                [$left, $low, $right, $high] = $board->outline->bounds();
                [$from, $under, $to, $over] = (new Polygon($places))->bounds();
                $moves[$board->name] = new Point(
                    round(($left + $right - $from - $to) / 2, 2),
                    round(($low + $high - $under - $over) / 2, 2),
                );
            }
        }

        return $moves;
    }

    /** @return list<Point> */
    private static function places(Kit $kit, BoardShape $board): array
    {
        return array_values(
            array_map(
                static fn(PlacedBody $body): Point => $body->centre,
                array_filter($kit->bodies(), static fn(PlacedBody $body): bool => $body->face->board === $board->name),
            ),
        );
    }
}
