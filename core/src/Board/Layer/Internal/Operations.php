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
     * @return array{Pen, list<LayerObject>}
     * @throws UnreadableLayer when an operation cannot be followed
     */
    public function take(Pen $pen, string $text, int $line): array
    {
        if ($text === '' || preg_match('~^G0?4(?!\d)~', $text) === 1) {
            return [$pen, []];
        }
        $objects = [];
        while (preg_match('~^G0*(\d+)~', $text, $found) === 1) {
            $objects = (int) $found[1] === 37 ? $this->region($pen) : $objects;
            $pen = $this->mode($pen, (int) $found[1]);
            $text = substr($text, strlen($found[0]));
        }
        if (preg_match('~^D(\d+)$~', $text, $found) === 1 && (int) $found[1] >= 10) {
            return [$pen->holding((string) (int) $found[1]), $objects];
        }

        return $text === '' ? [$pen, $objects] : $this->operation($pen, $text, $line);
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
     * @return array{Pen, list<LayerObject>}
     * @throws UnreadableLayer
     */
    private function operation(Pen $pen, string $text, int $line): array
    {
        if (preg_match('~^(?:[XYIJ][+-]?\d+)*(?:D0*([123]))?$~', $text, $found) !== 1) {
            throw UnreadableLayer::operation($this->file, $line, $text);
        }
        preg_match_all('~([XYIJ])([+-]?\d+)~', $text, $pairs);
        $given = array_combine($pairs[1], $pairs[2]);
        $from = $pen->scale->format['steps'] ?? false ? $pen->at : new Point(0.0, 0.0);
        $to = new Point(
            isset($given['X']) ? $from->x + $this->length($pen, $given['X'], 'x', $line) : $pen->at->x,
            isset($given['Y']) ? $from->y + $this->length($pen, $given['Y'], 'y', $line) : $pen->at->y,
        );
        $offset = new Point(
            $this->length($pen, $given['I'] ?? '0', 'x', $line),
            $this->length($pen, $given['J'] ?? '0', 'y', $line),
        );
        if (
            max(abs($to->x), abs($to->y)) >= Limits::PLACE_MM ||
            max(abs($offset->x), abs($offset->y)) >= Limits::ARC_MM
        ) {
            throw UnreadableLayer::tooFar($this->file, $line, (int) Limits::PLACE_MM);
        }
        $pen = $pen->with(operation: $found[1] ?? $pen->operation);

        return match ($pen->operation) {
            '1' => $this->draw($pen, $to, $offset),
            '3' => [$pen->with(at: $to), $this->flash($pen, $to)],
            default => $this->move($pen, $to),
        };
    }

    /** @return array{Pen, list<LayerObject>} */
    private function draw(Pen $pen, Point $to, Point $offset): array
    {
        $points =
            $pen->mode === 'line'
                ? [$to]
                : Arc::chords(
                    $pen->at,
                    $to,
                    $offset,
                    $pen->mode === 'clockwise',
                    // A file that does not say counts in quarters, where its offsets have no signs.
                    $pen->single ?? min($offset->x, $offset->y) >= 0.0,
                );
        if ($pen->contour === null) {
            return [$pen->with(at: $to), [$this->object($pen, 'draw', [$pen->at, ...$points])]];
        }

        return [$pen->with(at: $to, contour: [...$pen->contour === [] ? [$pen->at] : $pen->contour, ...$points]), []];
    }

    /** @return array{Pen, list<LayerObject>} */
    private function move(Pen $pen, Point $to): array
    {
        return $pen->contour === null
            ? [$pen->with(at: $to), []]
            : [$pen->with(at: $to, contour: [$to]), $this->region($pen)];
    }

    /** @return list<LayerObject> */
    private function flash(Pen $pen, Point $at): array
    {
        $block = $pen->tool->aperture()->block;

        return $block === null
            ? [$this->object($pen, 'flash', [$at])]
            : array_map(
                static fn(LayerObject $object): LayerObject => $pen->tool->placing->object($object, $at),
                $block,
            );
    }

    /** @return list<LayerObject> the contour gathered so far; nothing where it encloses nothing */
    private function region(Pen $pen): array
    {
        $contour = $pen->contour ?? [];
        if (count($contour) > 3 && $contour[0]->distanceTo($contour[count($contour) - 1]) < 1e-6) {
            array_pop($contour);
        }

        return count($contour) < 3 ? [] : [$this->object($pen, 'region', $contour)];
    }

    /** @param non-empty-list<Point> $points */
    private function object(Pen $pen, string $shape, array $points): LayerObject
    {
        if ($shape === 'region') {
            $function = $pen->attributes->forAperture['.AperFunction'] ?? [];

            return new LayerObject(
                $shape,
                $points,
                $pen->attributes->forObject,
                $function,
                isDark: $pen->tool->placing->isDark,
            );
        }
        $aperture = $pen->tool->aperture();

        return new LayerObject(
            $shape,
            $points,
            $pen->attributes->forObject,
            $aperture->function,
            $aperture->width * $pen->tool->placing->scale,
            $pen->tool->placing->patches($aperture->patches),
            $pen->tool->placing->isDark,
        );
    }

    /**
     * @return float millimetres
     * @throws UnreadableLayer
     */
    private function length(Pen $pen, string $digits, string $axis, int $line): float
    {
        $format = $pen->scale->format ?? throw UnreadableLayer::noFormat($this->file, $line);
        $unit = $pen->scale->unit ?? Settings::INCH;
        $decimals = $axis === 'x' ? $format['x'] : $format['y'];
        if ($format['trailing']) {
            $digits =
                (str_starts_with($digits, '-') ? '-' : '') .
                str_pad(ltrim($digits, '+-'), $format['whole'] + $decimals, '0');
        }

        return ((float) $digits * $unit) / 10 ** $decimals;
    }
}
