<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Part\Kind;
use Chiralex\Part\Mark;

/** A part with a direction, as far as it concerns the direction. */
final readonly class PolarPart
{
    public function __construct(
        public string $designator,
        public Kind $kind,
        public ?PlacedBody $body,
        public Signs $signs,
        public MarkSpot $spot,
        public PrintedSign $print,
        public Reversal $reversal,
    ) {}

    /**
     * From the body's centre to the mark, in board coordinates; null without a placement.
     *
     * A notch stands between the first and the last pin, a flat on the side of the reader when the pins count from left to
     * right, a key by the row of pin 1; every other mark stands at its terminal.
     */
    public function direction(): ?Point
    {
        $body = $this->body;
        if ($body === null || $this->signs->check === null) {
            return null;
        }
        if ($this->spot->at !== null) {
            return (new Point(1.0, 0.0))->turned($body->rotation + $this->spot->at);
        }
        if ($this->spot->pin !== null) {
            return $this->towards($body, [$this->spot->pin]);
        }
        $mirror = $body->face->side->value === 'bottom' ? -1.0 : 1.0;
        $last = (string) count($body->pins);

        return match ($this->signs->check) {
            Mark::Notch => $this->towards($body, ['1', $last]),
            Mark::Flat, Mark::Key => count($body->pins) === 2
                ? $this->towards($body, ['1'])
                : (new Point(0.0, -1.0 * $mirror))->turned($body->rotation),
            Mark::MetalSide, Mark::Tab => (new Point(0.0, $mirror))->turned($body->rotation),
            Mark::Stripe => $this->towards($body, ['2']),
            default => $this->towards($body, ['1']),
        };
    }

    /** @param list<string> $pins */
    private function towards(PlacedBody $body, array $pins): ?Point
    {
        $x = $y = 0.0;
        foreach ($pins as $pin) {
            $place = $body->pins[$pin] ?? null;
            if ($place === null) {
                return null;
            }
            $x += $place->x / count($pins);
            $y += $place->y / count($pins);
        }
        $direction = new Point($x - $body->centre->x, $y - $body->centre->y);

        return hypot($direction->x, $direction->y) < 1e-9 ? null : $direction;
    }
}
