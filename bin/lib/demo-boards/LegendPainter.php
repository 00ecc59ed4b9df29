<?php

declare(strict_types=1);

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Part\BodyShape;

/** Paints what a designer prints for a part: its body, the sign of its direction, its name. */
final class LegendPainter
{
    public const LETTERS = 1.5;

    /** @var list<array{string, list<array{float, float}>}> `line` or `area`, and its points */
    public array $painted = [];

    /** @param ?string $sign `bar`, `plus`, `minus`, `flat`, `notch`, `pin 1`; null for none */
    public function part(PlacedBody $body, ?string $sign): void
    {
        [$a, $b] = [$body->outline->along / 2, $body->outline->across / 2];
        $round = in_array($body->outline->shape, [BodyShape::Can, BodyShape::Dome], true) && $sign !== 'notch';
        if ($body->outline->name === 'TO-92') {
            // The flat side lies at -1.5; the round one reaches to 1.5.
            $arc = array_map(static fn(array $at): array => [$at[0], $at[1] * 1.2 - 1.5], self::arc(0, 0, 2.6, 0, 180));
            $this->line($body, $arc);
            $this->line($body, [[-2.6, -1.5], [2.6, -1.5]]);

            return;
        }
        if (!$round) {
            $this->line($body, [[-$a, -$b], [$a, -$b], [$a, $b], [-$a, $b], [-$a, -$b]]);
        } elseif ($sign === 'flat') {
            $cut = rad2deg(acos(0.82));
            $this->line($body, self::arc(0, 0, $a, 180 + $cut, 540 - $cut));
            $this->line($body, [
                self::arc(0, 0, $a, 180 - $cut, 180 - $cut)[0],
                self::arc(0, 0, $a, 180 + $cut, 180 + $cut)[0],
            ]);
        } else {
            $this->line($body, self::arc(0, 0, $a, 0, 360));
        }
        match ($sign) {
            'bar' => count($body->pins) > 2
                ? $this->line($body, [[-$a, $b - 1.3], [$a, $b - 1.3]], 0.3)
                : $this->line($body, [[-$a + 0.9, -$b], [-$a + 0.9, $b]], 0.4),
            'notch' => $this->line($body, self::arc(0, $b, 1.0, 180, 360)),
            'plus' => $this->plus($body, $a),
            'pin 1' => $this->dot($body),
            default => null,
        };
    }

    /** @param bool $isBelow on the bottom, letters read from below */
    public function name(string $name, Point $at, bool $isBelow): void
    {
        foreach (StrokeLetters::lines($name, [$at->x, $at->y], self::LETTERS) as $line) {
            $this->painted[] = [
                'line',
                array_map(static fn(array $each): array => $isBelow ? [2 * $at->x - $each[0], $each[1]] : $each, $line),
            ];
        }
    }

    /** A plus outside the first pin, upright on the board whatever way the part is turned. */
    private function plus(PlacedBody $body, float $a): void
    {
        $at = self::on($body, [-$a - 1.1, 0.0]);
        $this->painted[] = ['line', [[$at[0] - 0.6, $at[1]], [$at[0] + 0.6, $at[1]]]];
        $this->painted[] = ['line', [[$at[0], $at[1] - 0.6], [$at[0], $at[1] + 0.6]]];
    }

    private function dot(PlacedBody $body): void
    {
        $pin = array_values($body->pins)[0] ?? $body->centre;
        $out = hypot($pin->x - $body->centre->x, $pin->y - $body->centre->y) ?: 1.0;
        $step = 1.7 / $out;
        $this->painted[] = [
            'line',
            [[$pin->x + ($pin->x - $body->centre->x) * $step, $pin->y + ($pin->y - $body->centre->y) * $step]],
        ];
    }

    /** @param list<array{float, float}> $points in the frame of the body */
    private function line(PlacedBody $body, array $points, float $width = 0.2): void
    {
        $this->painted[] = [
            $width > 0.2 ? 'thick' : 'line',
            array_map(static fn(array $at): array => self::on($body, $at), $points),
        ];
    }

    /**
     * @param array{float, float} $at
     * @return array{float, float}
     */
    private static function on(PlacedBody $body, array $at): array
    {
        $turned = (new Point($at[0], $at[1]))->turned($body->rotation);

        return [$body->centre->x + $turned->x, $body->centre->y + $turned->y];
    }

    /** @return list<array{float, float}> */
    private static function arc(float $x, float $y, float $radius, float $from, float $to): array
    {
        $steps = max(1, (int) ceil(abs($to - $from) / 12));
        $points = [];
        for ($i = 0; $i <= $steps; ++$i) {
            $angle = deg2rad($from + (($to - $from) * $i) / $steps);
            $points[] = [$x + $radius * cos($angle), $y + $radius * sin($angle)];
        }

        return $points;
    }
}
