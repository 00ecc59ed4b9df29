<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Board\Polygon;
use Chiralex\Board\Side;
use Chiralex\Build\KitCallouts;
use Chiralex\Kit\Kit;

/** Where a callout's picture is cut from the board drawing, and the arrow that points at the mark; both in the drawing's own coordinates. */
final readonly class CalloutPicture
{
    private const LEAST = 15.0;
    private const MARGIN = 4.5;

    public function __construct(private Kit $kit) {}

    /** @return ?array{board: string, side: string, crop: array{float, float, float, float}, arrow: ?array{float, float, float, float}} crop: left, top, width, height; arrow: from, to */
    public function of(string $designator): ?array
    {
        $part = $this->kit->part($designator);
        $body = $part?->place->body;
        $board = $body === null ? null : $this->kit->board($body->face->board);
        if ($part === null || $body === null || $board === null) {
            return null;
        }
        $frame = Frame::of($board->outline, $board->turn, $body->face->side);
        [$left, $top, $right, $bottom] = (new Polygon(
            array_map($frame->point(...), [...$body->footprint()->corners, ...array_values($body->pins)]),
        ))->bounds();
        $size = max(self::LEAST, $right - $left + 2 * self::MARGIN, $bottom - $top + 2 * self::MARGIN);

        return [
            'board' => $body->face->board,
            'side' => $body->face->side->value,
            'crop' => [
                round(($left + $right - $size) / 2, 2),
                round(($top + $bottom - $size) / 2, 2),
                round($size, 2),
                round($size, 2),
            ],
            'arrow' => $this->arrow($body, KitCallouts::polarPart($part, $this->kit)->direction(), $frame),
        ];
    }

    /**
     * The place where a wire end is soldered; null off the board.
     *
     * @param string $terminal `J1.2`
     * @return ?array{board: string, side: string, crop: array{float, float, float, float}, arrow: ?array{float, float, float, float}}
     */
    public function terminal(string $terminal, Side $face): ?array
    {
        [$name, $pin] = [...explode('.', $terminal, 2), ''];
        $body = $this->kit->part($name)?->place->body;
        $board = $body === null ? null : $this->kit->board($body->face->board);
        if ($body === null || $board === null) {
            return null;
        }
        $frame = Frame::of($board->outline, $board->turn, $face);
        $pad = $body->pins[$pin] ?? null;
        $at = $frame->point($pad ?? $body->centre);
        $size = self::LEAST + self::MARGIN;
        $arrow = null;
        if ($pad !== null) {
            $out = $frame->point($body->centre);
            $far = max(0.001, hypot($at->x - $out->x, $at->y - $out->y));
            [$ux, $uy] = $far < 0.01 ? [0.0, -1.0] : [($at->x - $out->x) / $far, ($at->y - $out->y) / $far];
            $arrow = [$at->x + $ux * 5.0, $at->y + $uy * 5.0, $at->x + $ux * 1.4, $at->y + $uy * 1.4];
        }

        return [
            'board' => $body->face->board,
            'side' => $face->value,
            'crop' => [round($at->x - $size / 2, 2), round($at->y - $size / 2, 2), round($size, 2), round($size, 2)],
            'arrow' => $arrow,
        ];
    }

    /** @return ?array{float, float, float, float} */
    private function arrow(PlacedBody $body, ?Point $direction, Frame $frame): ?array
    {
        if ($direction === null) {
            return null;
        }
        $length = hypot($direction->x, $direction->y);
        $reach = 0.0;
        foreach ([...$body->footprint()->corners, ...array_values($body->pins)] as $corner) {
            $reach = max(
                $reach,
                (($corner->x - $body->centre->x) * $direction->x + ($corner->y - $body->centre->y) * $direction->y) /
                    $length,
            );
        }
        $at = static fn(float $far): Point => $frame->point(
            $body->centre->plus(($direction->x / $length) * $far, ($direction->y / $length) * $far),
        );
        $from = $at($reach + 4.0);
        $to = $at($reach + 1.2);

        return [$from->x, $from->y, $to->x, $to->y];
    }
}
