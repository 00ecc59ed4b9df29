<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Build\Rule;
use Chiralex\Build\TaskBook;
use Chiralex\Kit\Kit;

/** The rules of a circle as arrows from part to part, to lay over the drawing of a board. */
final readonly class CircleSvg
{
    /** How far an arrow stays off the middle of a part, the length of its head and half its width, millimetres. */
    private const OFF = 1.2;
    private const HEAD = 1.8;
    private const HALF = 0.8;
    /** An arrow keeps to its right, so that one there and one back are two. */
    private const ASIDE = 0.9;

    private TaskBook $book;

    public function __construct(private Kit $kit)
    {
        $this->book = TaskBook::of($kit);
    }

    /**
     * @param list<Rule> $rules
     * @return list<array{board: string, top: string, bottom: string}> arrows of either side, in the drawing's own coordinates
     */
    public function of(array $rules): array
    {
        $drawn = [];
        foreach ($this->kit->boards as $board) {
            $sides = ['board' => $board->name, 'top' => '', 'bottom' => ''];
            foreach ([Side::Top, Side::Bottom] as $side) {
                $frame = Frame::of($board->outline, $board->turn, $side);
                $places = $this->places($rules, $board->name);
                foreach (count($places) < 2 ? [] : $places as $index => $from) {
                    $sides[$side->value] .= self::arrow(
                        $frame->point($from),
                        $frame->point($places[($index + 1) % count($places)]),
                    );
                }
            }
            $drawn[] = $sides;
        }

        return $drawn;
    }

    /**
     * Where the parts of the circle stand, in its order; work without a place is passed over.
     *
     * @param list<Rule> $rules
     * @return list<Point>
     */
    private function places(array $rules, string $board): array
    {
        $places = [];
        foreach ($rules as $rule) {
            $body = $this->kit->part($this->book->tasks[$rule->before]->parts[0] ?? '')?->place->body;
            if ($body !== null && $body->face->board === $board) {
                $places[$body->designator] = $body->centre;
            }
        }

        return array_values($places);
    }

    private static function arrow(Point $from, Point $to): string
    {
        $long = $from->distanceTo($to);
        if ($long < 2 * self::OFF + self::HEAD) {
            return '';
        }
        [$x, $y] = [($to->x - $from->x) / $long, ($to->y - $from->y) / $long];
        $at = static fn(Point $point, float $along, float $aside): string => Num::of(
            $point->x + $along * $x - $aside * $y,
        ) .
            ' ' .
            Num::of($point->y + $along * $y + $aside * $x);

        return sprintf(
            '<path class="wait" d="M%sL%s"/><path class="waithead" d="M%sL%sL%sZ"/>',
            $at($from, self::OFF, self::ASIDE),
            $at($to, -self::OFF - self::HEAD, self::ASIDE),
            $at($to, -self::OFF, self::ASIDE),
            $at($to, -self::OFF - self::HEAD, self::ASIDE + self::HALF),
            $at($to, -self::OFF - self::HEAD, self::ASIDE - self::HALF),
        );
    }
}
