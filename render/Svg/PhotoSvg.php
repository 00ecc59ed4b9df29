<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\Point;
use Chiralex\Kit\Kit;
use Chiralex\Kit\StepPhoto;
use ChiralexRender\Markup;

/** A squared photograph with the places of its step ringed and named. */
final readonly class PhotoSvg
{
    /** Room between a body and its ring, millimetres. */
    private const ROOM = 1.0;

    public function __construct(private Kit $kit) {}

    /** @param list<string> $parts of the step */
    public function of(StepPhoto $photo, array $parts): string
    {
        $board = $this->kit->board($photo->board);
        if ($board === null || $photo->bytes === '' || $board->outline->corners === []) {
            return '';
        }
        $frame = Frame::of($board->outline, $board->turn, $photo->side);
        [$left, $low, $right, $high] = $board->outline->bounds();
        $one = $frame->point(new Point($left, $low));
        $other = $frame->point(new Point($right, $high));
        $rings = '';
        foreach ($parts as $name) {
            $body = $this->kit->part($name)?->place->body;
            if ($body === null || $body->face->board !== $board->name) {
                continue;
            }
            $at = $frame->point($body->centre);
            $radius = hypot($body->outline->along, $body->outline->across) / 2 + self::ROOM;
            $rings .= sprintf(
                '<circle class="ring" cx="%s" cy="%s" r="%s"/><text x="%1$s" y="%s" font-size="2.6">%s</text>',
                Num::of($at->x),
                Num::of($at->y),
                Num::of($radius),
                Num::of($at->y - $radius - 0.8),
                Markup::text($name),
            );
        }

        return sprintf(
            '<svg class="photo" viewBox="0 0 %s %s" role="img" aria-label="%s"><image href="data:image/jpeg;base64,%s" x="%s" y="%s" width="%s" height="%s" preserveAspectRatio="none"/>%s</svg>',
            Num::of($frame->width),
            Num::of($frame->height),
            Markup::text(implode(' ', $parts)),
            base64_encode($photo->bytes),
            Num::of(min($one->x, $other->x)),
            Num::of(min($one->y, $other->y)),
            Num::of(abs($other->x - $one->x)),
            Num::of(abs($other->y - $one->y)),
            $rings,
        );
    }
}
