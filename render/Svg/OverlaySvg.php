<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\BoardShape;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Kit\Kit;
use ChiralexRender\Markup;

/** One side of a board at true size with what a legend would print: bodies, holes, names; to be laid over a board without print. */
final readonly class OverlaySvg
{
    /** Free around the outline, millimetres. */
    private const MARGIN = 4.0;
    /** A body this wide both ways holds its name, millimetres. */
    private const ROOM = 5.5;

    public function __construct(private Kit $kit) {}

    /** @return list<PlacedBody> that stand on this side */
    public function bodies(BoardShape $board, Side $side): array
    {
        return array_values(
            array_filter(
                $this->kit->bodies(),
                fn(PlacedBody $body): bool => $body->face->board === $board->name &&
                    $body->face->side === $side &&
                    $this->kit->part($body->designator)?->place->socket === null,
            ),
        );
    }

    public function side(BoardShape $board, Side $side): string
    {
        [$left, $low, $right, $high] = $board->outline->bounds();
        $width = $right - $left + 2 * self::MARGIN;
        $height = $high - $low + 2 * self::MARGIN;
        $at = static fn(Point $point): Point => new Point(
            self::MARGIN + ($side === Side::Top ? $point->x - $left : $right - $point->x),
            self::MARGIN + $high - $point->y,
        );
        $svg = $this->path($board->outline->corners, $at, 0.3);
        foreach ($this->bodies($board, $side) as $body) {
            $corners = array_map($at, $body->footprint()->corners);
            $svg .= $this->path($body->footprint()->corners, $at, 0.15);
            foreach (array_values($body->pins) as $index => $pin) {
                $svg .= $this->pin($at($pin), $index === 0);
            }
            if ($corners === []) {
                continue;
            }
            $ys = array_map(static fn(Point $corner): float => $corner->y, $corners);
            $xs = array_map(static fn(Point $corner): float => $corner->x, $corners);
            // A name stands in its body where that has room for it, above it otherwise.
            $inside = min(max($xs) - min($xs), max($ys) - min($ys)) >= self::ROOM;
            $svg .= $this->name(
                $body->designator,
                (min($xs) + max($xs)) / 2,
                $inside ? (min($ys) + max($ys)) / 2 + 0.7 : min($ys) - 0.5,
            );
        }
        [$w, $h] = [Num::of($width), Num::of($height)];

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$w}mm\" height=\"{$h}mm\" viewBox=\"0 0 {$w} {$h}\">{$svg}</svg>";
    }

    /** The first pin is square, as on boards. */
    private function pin(Point $at, bool $first): string
    {
        [$x, $y] = [Num::of($at->x), Num::of($at->y)];

        return $first
            ? '<rect x="' .
                    Num::of($at->x - 0.4) .
                    '" y="' .
                    Num::of($at->y - 0.4) .
                    '" width="0.8" height="0.8" fill="none" stroke="#000" stroke-width="0.15"/>'
            : "<circle cx=\"{$x}\" cy=\"{$y}\" r=\"0.4\" fill=\"none\" stroke=\"#000\" stroke-width=\"0.15\"/>";
    }

    private function name(string $designator, float $x, float $y): string
    {
        return '<text x="' .
            Num::of($x) .
            '" y="' .
            Num::of($y) .
            '" font-size="2.1" text-anchor="middle">' .
            Markup::text($designator) .
            '</text>';
    }

    /**
     * @param array<array-key, Point> $corners
     * @param callable(Point): Point $at
     */
    private function path(array $corners, callable $at, float $stroke): string
    {
        $points = implode(
            ' ',
            array_map(static function (Point $corner) use ($at): string {
                $place = $at($corner);

                return Num::of($place->x) . ',' . Num::of($place->y);
            }, $corners),
        );

        return "<polygon points=\"{$points}\" fill=\"none\" stroke=\"#000\" stroke-width=\"{$stroke}\"/>";
    }
}
