<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Part\BoardMark;
use Chiralex\Part\Consequence;
use Chiralex\Part\Kind;
use Chiralex\Part\Mark;

/** A part with a direction, as far as it concerns the direction. */
final readonly class PolarPart
{
    /**
     * @param ?Mark $fitMark mark to fit by
     * @param ?Mark $mark mark that stays, to check by; null when the part shows none
     * @param string $terminal what the mark stands for
     * @param ?string $pin pin the mark stands at, where it is said
     * @param ?float $at degrees counter-clockwise at rotation 0, where it is said
     * @param ?BoardMark $boardMark what the board shows at its place
     * @param list<string> $replace
     */
    public function __construct(
        public string $designator,
        public Kind $kind,
        public ?PlacedBody $body,
        public ?Mark $fitMark,
        public ?Mark $mark,
        public string $terminal,
        public ?string $pin,
        public ?float $at,
        public ?BoardMark $boardMark,
        public Consequence $consequence,
        public array $replace,
        public ?string $squarePad = null,
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
        if ($body === null || $this->mark === null) {
            return null;
        }
        if ($this->at !== null) {
            return (new Point(1.0, 0.0))->turned($body->rotation + $this->at);
        }
        if ($this->pin !== null) {
            return $this->towards($body, [$this->pin]);
        }
        $mirror = $body->side->value === 'bottom' ? -1.0 : 1.0;
        $last = (string) count($body->pins);

        return match ($this->mark) {
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
