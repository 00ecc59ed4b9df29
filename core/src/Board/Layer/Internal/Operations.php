<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

use Chiralex\Board\Exception\UnreadableLayer;
use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Point;
use Chiralex\Limits;

/** Commands outside percent signs: modes, apertures, moves, draws, flashes, regions. */
final readonly class Operations
{
    public function __construct(private string $file) {}

    /**
     * @return array{Pen, ?LayerObject}
     * @throws UnreadableLayer when an operation cannot be followed
     */
    public function take(Pen $pen, string $text, int $line): array
    {
        if ($text === '' || preg_match('~^G0?4(?!\d)~', $text) === 1) {
            return [$pen, null];
        }
        $object = null;
        while (preg_match('~^G0*(\d+)~', $text, $found) === 1) {
            $object = (int) $found[1] === 37 ? $this->region($pen) : $object;
            $pen = $this->mode($pen, (int) $found[1]);
            $text = substr($text, strlen($found[0]));
        }
        if (preg_match('~^D(\d+)$~', $text, $found) === 1 && (int) $found[1] >= 10) {
            return [$pen->with(aperture: (string) (int) $found[1]), $object];
        }

        return $text === '' ? [$pen, $object] : $this->operation($pen, $text, $line);
    }

    private function mode(Pen $pen, int $code): Pen
    {
        return match ($code) {
            1 => $pen->with(mode: 'line'),
            2 => $pen->with(mode: 'clockwise'),
            3 => $pen->with(mode: 'counter-clockwise'),
            36 => $pen->with(contour: []),
            37 => $pen->with(contour: null),
            70 => $pen->inUnit(Settings::INCH),
            71 => $pen->inUnit(1.0),
            74 => $pen->with(single: true),
            75 => $pen->with(single: false),
            default => $pen,
        };
    }

    /**
     * @return array{Pen, ?LayerObject}
     * @throws UnreadableLayer
     */
    private function operation(Pen $pen, string $text, int $line): array
    {
        if (
            preg_match(
                '~^(?:X([+-]?\d+))?(?:Y([+-]?\d+))?(?:I([+-]?\d+))?(?:J([+-]?\d+))?(?:D0*([123]))?$~',
                $text,
                $found,
                PREG_UNMATCHED_AS_NULL,
            ) !== 1
        ) {
            throw UnreadableLayer::operation($this->file, $line, $text);
        }
        $to = new Point(
            $found[1] === null ? $pen->at->x : $this->length($pen, $found[1], 'x', $line),
            $found[2] === null ? $pen->at->y : $this->length($pen, $found[2], 'y', $line),
        );
        $offset = new Point(
            $this->length($pen, $found[3] ?? '0', 'x', $line),
            $this->length($pen, $found[4] ?? '0', 'y', $line),
        );
        if (
            max(abs($to->x), abs($to->y)) >= Limits::PLACE_MM ||
            max(abs($offset->x), abs($offset->y)) >= Limits::ARC_MM
        ) {
            throw UnreadableLayer::tooFar($this->file, $line, (int) Limits::PLACE_MM);
        }
        $pen = $pen->with(operation: $found[5] ?? $pen->operation);

        return match ($pen->operation) {
            '1' => $this->draw($pen, $to, $offset),
            '3' => [$pen->with(at: $to), $this->object($pen, 'flash', [$to])],
            default => $this->move($pen, $to),
        };
    }

    /** @return array{Pen, ?LayerObject} */
    private function draw(Pen $pen, Point $to, Point $offset): array
    {
        $points =
            $pen->mode === 'line'
                ? [$to]
                : Arc::chords($pen->at, $to, $offset, $pen->mode === 'clockwise', $pen->single);
        if ($pen->contour === null) {
            return [$pen->with(at: $to), $this->object($pen, 'draw', [$pen->at, ...$points])];
        }

        return [$pen->with(at: $to, contour: [...$pen->contour === [] ? [$pen->at] : $pen->contour, ...$points]), null];
    }

    /** @return array{Pen, ?LayerObject} */
    private function move(Pen $pen, Point $to): array
    {
        return $pen->contour === null
            ? [$pen->with(at: $to), null]
            : [$pen->with(at: $to, contour: [$to]), $this->region($pen)];
    }

    /** The contour gathered so far; null where it encloses nothing. */
    private function region(Pen $pen): ?LayerObject
    {
        $contour = $pen->contour ?? [];
        if (count($contour) > 3 && $contour[0]->distanceTo($contour[count($contour) - 1]) < 1e-6) {
            array_pop($contour);
        }

        return count($contour) < 3 ? null : $this->object($pen, 'region', $contour);
    }

    /** @param non-empty-list<Point> $points */
    private function object(Pen $pen, string $shape, array $points): LayerObject
    {
        return new LayerObject(
            $shape,
            $points,
            $pen->attributes->forObject,
            $shape === 'region'
                ? $pen->attributes->forAperture['.AperFunction'] ?? []
                : $pen->attributes->apertures[(int) $pen->aperture] ?? [],
            $shape === 'region' ? 0.0 : (float) ($pen->attributes->sizes[(int) $pen->aperture][0] ?? '0'),
        );
    }

    /**
     * @return float millimetres
     * @throws UnreadableLayer
     */
    private function length(Pen $pen, string $digits, string $axis, int $line): float
    {
        $format = $pen->scale->format ?? throw UnreadableLayer::noFormat($this->file, $line);
        $unit = $pen->scale->unit ?? throw UnreadableLayer::noUnit($this->file, $line);
        $decimals = $axis === 'x' ? $format['x'] : $format['y'];
        if ($format['trailing']) {
            $digits =
                (str_starts_with($digits, '-') ? '-' : '') .
                str_pad(ltrim($digits, '+-'), $format['whole'] + $decimals, '0');
        }

        return ((float) $digits * $unit) / 10 ** $decimals;
    }
}
