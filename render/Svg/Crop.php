<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Kit\Kit;

/** The piece of a board where a step works, in the coordinates of its drawing, and how it stands on the page. */
final readonly class Crop
{
    /** The place of the picture in the grid of a printed step, millimetres. */
    public const WIDTH = 70.0;
    public const HEIGHT = 42.0;
    /** A part is never drawn larger than so many times its size. */
    private const MOST = 2.5;
    /** Board around the parts at work, millimetres. */
    private const ROOM = 6.0;
    /** A piece that leaves out less than this share of the board is not worth cutting. */
    private const WORTH = 0.72;
    /** Height of letters on paper, millimetres. */
    private const LETTERS = 2.6;

    private function __construct(
        public float $left,
        public float $top,
        public float $width,
        public float $height,
        public bool $isWhole,
    ) {}

    /** @param list<string> $names of the parts at work; those off this side count for nothing */
    public static function of(Kit $kit, BoardShape $board, Side $side, array $names): self
    {
        $frame = Frame::of($board->outline, $board->turn, $side);
        $whole = new self(0.0, 0.0, $frame->width, $frame->height, true);
        $points = [];
        foreach ($names as $name) {
            $body = $kit->part($name)?->place->body;
            if ($body !== null && $body->face->board === $board->name) {
                array_push(
                    $points,
                    ...array_map($frame->point(...), [...$body->footprint()->corners, ...array_values($body->pins)]),
                );
            }
        }
        if ($points === []) {
            return $whole;
        }
        $x = array_map(static fn(Point $point): float => $point->x, $points);
        $y = array_map(static fn(Point $point): float => $point->y, $points);
        $width = max(self::WIDTH / self::MOST, max($x) - min($x) + 2 * self::ROOM);
        $height = max(self::HEIGHT / self::MOST, max($y) - min($y) + 2 * self::ROOM);
        $width = min($frame->width, max($width, ($height * self::WIDTH) / self::HEIGHT));
        $height = min($frame->height, max($height, ($width * self::HEIGHT) / self::WIDTH));
        if ($width * $height > self::WORTH * $frame->width * $frame->height) {
            return $whole;
        }
        $from = static fn(float $middle, float $size, float $most): float => min(
            max(0.0, $middle - $size / 2),
            $most - $size,
        );

        return new self(
            $from((max($x) + min($x)) / 2, $width, $frame->width),
            $from((max($y) + min($y)) / 2, $height, $frame->height),
            $width,
            $height,
            false,
        );
    }

    /** @return array{float, float, float, float} left, top, width, height */
    public function window(): array
    {
        return [$this->left, $this->top, $this->width, $this->height];
    }

    /** Millimetres of paper to one of the board. */
    public function scale(): float
    {
        return min(self::WIDTH / $this->width, self::HEIGHT / $this->height, self::MOST);
    }

    /** Names in the drawing as high as small print on paper, whatever the piece: 7 points and a little. */
    public function text(): float
    {
        return self::LETTERS / $this->scale();
    }

    /** The drawing of the whole board cut to this piece, with its size on paper. */
    public function cut(string $svg): string
    {
        return (string) preg_replace(
            '~viewBox="[^"]*"~',
            sprintf(
                'viewBox="%s %s %s %s" style="--s:%s;width:calc(%smm*var(--fit,1))"',
                Num::of($this->left),
                Num::of($this->top),
                Num::of($this->width),
                Num::of($this->height),
                Num::of($this->scale()),
                Num::of($this->width * $this->scale()),
            ),
            $svg,
            1,
        );
    }

    /** The whole board small, with this piece on it; empty where the piece is the board. */
    public function locator(BoardShape $board, Side $side): string
    {
        if ($this->isWhole) {
            return '';
        }
        $frame = Frame::of($board->outline, $board->turn, $side);
        $corners = array_map(static function (Point $corner) use ($frame): string {
            $at = $frame->point($corner);

            return Num::of($at->x) . ' ' . Num::of($at->y);
        }, $board->outline->corners);

        return sprintf(
            '<svg class="locator" viewBox="0 0 %s %s" aria-hidden="true"><path d="M%sZ"/><rect x="%s" y="%s" width="%s" height="%s"/></svg>',
            Num::of($frame->width),
            Num::of($frame->height),
            implode('L', $corners),
            Num::of($this->left),
            Num::of($this->top),
            Num::of($this->width),
            Num::of($this->height),
        );
    }
}
