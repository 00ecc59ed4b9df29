<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Face;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Kit\Kit;
use Chiralex\Review\BodyClash;
use ChiralexRender\Markup;

/**
 * The one drawing of a board: one side in true proportion, `data-ref` on every part, classes for what a page toggles.
 */
final readonly class BoardSvg
{
    private const TEXT = 2.3;
    /** How far a name reaches out of its part, millimetres. */
    private const NAME = 6.0;

    /** @param list<BodyClash> $clashes shown on the board */
    public function __construct(private Kit $kit, private array $clashes = []) {}

    /**
     * @param bool $compact true for a small picture: bodies without labels
     * @param ?array{float, float, float, float} $window left, top, width, height: what lies outside is not drawn
     */
    public function board(
        BoardShape $board,
        Side $side,
        bool $compact = false,
        ?Emphasis $emphasis = null,
        ?array $window = null,
    ): string {
        $frame = Frame::of($board->outline, $board->turn, $side);
        $silk = Palette::silk($board->stuff->silk);
        $legend = $compact ? '' : (new LegendSvg())->of($this->kit->findings->drawn, $board, $side, $frame, $silk);
        $here = array_filter(
            $this->kit->bodies(),
            fn(PlacedBody $body): bool => $body->face->board === $board->name &&
                ($window === null || $this->isIn($window, $this->box($body, $frame))),
        );
        $parts = $this->parts(
            array_filter($here, static fn(PlacedBody $body): bool => $body->face->side === $side),
            $frame,
            $compact,
            $emphasis,
            $silk,
            $legend !== '',
        );
        $title = Markup::text("{$this->kit->head->name}, {$side->value} side");

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %s %s" class="board%s" role="img" aria-label="%s"><path class="mask" fill-rule="evenodd" d="%s" fill="%s"/><g class="pads">%s</g>%s%s%s</svg>',
            Num::of($frame->width),
            Num::of($frame->height),
            $compact ? ' compact' : '',
            $title,
            $this->outline($board, $frame) .
                (new BoardHoles())->paths($this->kit->findings->drawn->boards[$board->name] ?? null, $board, $frame),
            Palette::mask($board->stuff->mask),
            $this->pads($here, $frame),
            $legend,
            $parts,
            (new ClashSvg())->of($this->clashes, new Face($board->name, $side), $frame),
        );
    }

    private function outline(BoardShape $board, Frame $frame): string
    {
        return 'M' .
            implode(
                'L',
                array_map(static function (Point $corner) use ($frame): string {
                    $at = $frame->point($corner);

                    return Num::of($at->x) . ' ' . Num::of($at->y);
                }, $board->outline->corners),
            ) .
            'Z';
    }

    /** @param array<string, PlacedBody> $bodies */
    private function pads(array $bodies, Frame $frame): string
    {
        $svg = '';
        foreach ($bodies as $body) {
            $socketed = $this->kit->part($body->designator)?->place->socket !== null;
            foreach ($socketed ? [] : $body->pins as $name => $pin) {
                $at = $frame->point($pin);
                $svg .=
                    (string) $name === '1' && count($body->pins) > 1
                        ? sprintf(
                            '<rect x="%s" y="%s" width="1.6" height="1.6" fill="%s"/>',
                            Num::of($at->x - 0.8),
                            Num::of($at->y - 0.8),
                            Palette::PAD,
                        )
                        : sprintf(
                            '<circle cx="%s" cy="%s" r="0.85" fill="%s"/>',
                            Num::of($at->x),
                            Num::of($at->y),
                            Palette::PAD,
                        );
            }
        }

        return $svg;
    }

    /**
     * @param array<string, PlacedBody> $bodies
     * @param bool $isPrinted the legend itself is drawn: no outline of ours, and no name where it has one
     */
    private function parts(
        array $bodies,
        Frame $frame,
        bool $compact,
        ?Emphasis $emphasis,
        string $silk,
        bool $isPrinted,
    ): string {
        uasort($bodies, static fn(PlacedBody $a, PlacedBody $b): int => $a->height <=> $b->height);
        $size = $emphasis->text ?? self::TEXT;
        $labels = new Labels($frame->width, $frame->height, $size);
        $boxes = [];
        foreach ($bodies as $name => $body) {
            $boxes[$name] = $this->box($body, $frame);
            $labels->take($boxes[$name]);
        }
        $draw = new BodyDrawing();
        $svg = '';
        foreach ($bodies as $name => $body) {
            $part = $this->kit->part((string) $name);
            if ($part === null) {
                continue;
            }
            $text = '';
            $shows = $isPrinted ? $this->kit->findings->drawn->prints[$name]->shows ?? [] : [];
            $isNamed = $emphasis === null || $emphasis->names((string) $name);
            if (!$compact && $isNamed && !in_array('designator', $shows, true)) {
                [$x, $y] =
                    $part->place->socket !== null
                        ? [($boxes[$name][0] + $boxes[$name][2]) / 2, ($boxes[$name][1] + $boxes[$name][3]) / 2 + 0.8]
                        : $labels->place((string) $name, $boxes[$name]);
                $text = sprintf(
                    '<text class="ref" x="%s" y="%s" font-size="%s" text-anchor="middle" fill="%s">%s</text>',
                    Num::of($x),
                    Num::of($y),
                    Num::of($size),
                    $silk,
                    Markup::text((string) $name),
                );
            }
            $svg .= sprintf(
                '<g class="part%s%s" data-ref="%s"><g class="silk" transform="%s" fill="none" stroke="%s" stroke-width="0.25"%s>%s</g>%s%s</g>',
                $part->place->socket !== null ? ' socketed' : '',
                $emphasis?->classes((string) $name) ?? '',
                Markup::text((string) $name),
                $frame->matrix($body),
                $silk,
                // Where the legend itself is drawn, ours shows only around a part that is lit.
                $isPrinted ? ' opacity="0"' : '',
                $draw->silk($part->shape->outline, $part->row->body->look),
                $emphasis === null || $emphasis->showsBody((string) $name)
                    ? sprintf('<g class="body" transform="%s">%s</g>', $frame->matrix($body), $draw->body($part))
                    : '',
                $text,
            );
        }

        return $svg;
    }

    /**
     * @param array{float, float, float, float} $window
     * @param array{float, float, float, float} $box
     */
    private function isIn(array $window, array $box): bool
    {
        return $box[0] - self::NAME < $window[0] + $window[2] &&
            $box[2] + self::NAME > $window[0] &&
            $box[1] - self::NAME < $window[1] + $window[3] &&
            $box[3] + self::NAME > $window[1];
    }

    /** @return array{float, float, float, float} left, top, right, bottom in the drawing */
    private function box(PlacedBody $body, Frame $frame): array
    {
        $points = array_map($frame->point(...), [...$body->footprint()->corners, ...array_values($body->pins)]);
        $x = array_map(static fn(Point $point): float => $point->x, $points);
        $y = array_map(static fn(Point $point): float => $point->y, $points);

        return $x === [] || $y === [] ? [0.0, 0.0, 0.0, 0.0] : [min($x), min($y), max($x), max($y)];
    }
}
