<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** What levels a board that lies too steep: a block of some height under its low edge. */
final readonly class Prop
{
    /**
     * @param Point $at on the board, the middle of the low edge
     * @param string $edge `left`, `right`, `front` or `back` as the board lies before its reading is turned, seen from the top side
     * @param float $height millimetres from the table to the board's face
     */
    private function __construct(public Point $at, public string $edge, public float $height) {}

    /**
     * The prop lifts the edge that is nearest to the table to the height of the tallest part the board lies on.
     *
     * @param list<PlacedBody> $contacts parts the board lies on
     * @return ?self null while the board lies flat enough, or rests on no part
     */
    public static function under(Lie $lie, Polygon $outline, array $contacts): ?self
    {
        if ($lie->plane->tilt() <= Lie::PROP_TILT || $contacts === [] || count($outline->corners) < 3) {
            return null;
        }
        [$left, $low, $right, $high] = $outline->bounds();
        [$x, $y] = [($left + $right) / 2, ($low + $high) / 2];
        $edges = [
            'left' => new Point($left, $y),
            'right' => new Point($right, $y),
            'front' => new Point($x, $low),
            'back' => new Point($x, $high),
        ];
        $edge = 'left';
        foreach ($edges as $name => $point) {
            $edge = $lie->plane->at($point) < $lie->plane->at($edges[$edge]) ? $name : $edge;
        }

        return new self(
            $edges[$edge],
            $edge,
            max(array_map(static fn(PlacedBody $body): float => $body->height, $contacts)),
        );
    }
}
