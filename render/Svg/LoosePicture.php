<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\Point;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;

/**
 * What has no place on a board, drawn as it lies in the hand, in millimetres: hardware by its thread, a board by its outline, the
 * rest by its kind, which is then told to be of no certain size.
 */
final readonly class LoosePicture
{
    /**
     * Diameter of thread to pan head, across flats of the nut, washer: ISO 7045, ISO 4032, ISO 7089, from memory.
     */
    private const THREADS = [
        '2' => [4.0, 4.0, 5.0],
        '2.5' => [5.0, 5.0, 6.0],
        '3' => [5.6, 5.5, 7.0],
        '4' => [8.0, 7.0, 9.0],
        '5' => [9.5, 8.0, 10.0],
    ];
    private const THREAD = '~\bM(2\.5|[2-5])(?:\s*[x×]\s*(\d+(?:\.\d+)?))?~iu';
    private const STEEL = '#A9B0B3';
    private const BRASS = '#C9A961';
    private const MARGIN = 0.5;

    /** @return array{svg: string, width: float, height: float, isTrue: bool} size in millimetres, true where it is known */
    public function of(KitPart $part, Kit $kit): array
    {
        return match ($part->kind()) {
            Kind::Screw, Kind::Standoff, Kind::Nut, Kind::Washer => $this->threaded($part),
            Kind::Board => $this->board($kit),
            Kind::Wire, Kind::Cable, Kind::Link => self::framed(
                26.0,
                18.0,
                $this->coil($part->line->cells->description . ' ' . $part->line->cells->value),
                false,
            ),
            default => $this->usual($part->kind()),
        };
    }

    /** @return array{svg: string, width: float, height: float, isTrue: bool} */
    private function threaded(KitPart $part): array
    {
        [$named, $length] = $this->thread($part);
        [$head, $flats, $outer] = self::THREADS[$named ?? '3'];
        $thread = (float) ($named ?? '3');
        $isTrue = $named !== null && $length !== null;

        return match ($part->kind()) {
            Kind::Screw => self::framed(
                $head,
                ($length ?? 8.0) + 2.2,
                $this->screw($thread, $head, $length ?? 8.0),
                $isTrue,
            ),
            Kind::Standoff => self::framed(
                $flats,
                $length ?? 10.0,
                $this->standoff($flats, $length ?? 10.0, $thread),
                $isTrue,
            ),
            Kind::Nut => self::framed($flats, $flats, $this->nut($flats, $thread), $named !== null),
            default => self::framed($outer, $outer, self::ring($outer, $thread + 0.2, self::STEEL), $named !== null),
        };
    }

    /** @return array{svg: string, width: float, height: float, isTrue: bool} what says nothing of its size */
    private function usual(Kind $kind): array
    {
        return match ($kind) {
            Kind::Knob => self::framed(
                15.0,
                15.0,
                self::disc(15.0, '#26292C') .
                    '<path d="M0 -7V-2" stroke="#EFEBDF" stroke-width="1.2" stroke-linecap="round"/>',
                false,
            ),
            Kind::Feet => self::framed(10.0, 10.0, self::disc(10.0, '#2B2E30') . self::disc(6.5, '#3A3F42'), false),
            Kind::Panel => self::framed(50.0, 30.0, self::sheet(50.0, 30.0, '#C9CCCB'), false),
            Kind::Enclosure => self::framed(
                52.0,
                34.0,
                self::sheet(52.0, 34.0, '#3A3F42') .
                    '<path d="M-26 -11H26" stroke="#5B5F63" stroke-width="0.8" fill="none"/>',
                false,
            ),
            Kind::Label => self::framed(30.0, 16.0, self::sheet(30.0, 16.0, '#EFEBDF'), false),
            Kind::HeatSink => self::framed(
                20.0,
                14.0,
                '<path d="M-10 7V-7M-6 7V-7M-2 7V-7M2 7V-7M6 7V-7M10 7V-7M-10 6H10" stroke="#3A3F42" stroke-width="1.6" fill="none"/>',
                false,
            ),
            default => self::framed(
                16.0,
                12.0,
                '<path d="M-8 -6H8V6H-8Z" fill="none" stroke="#8D9392" stroke-width="0.6" stroke-dasharray="2 1.4"/>',
                false,
            ),
        };
    }

    /** @return array{'2'|'2.5'|'3'|'4'|'5'|null, ?float} thread, and length behind it */
    private function thread(KitPart $part): array
    {
        $cells = $part->line->cells;
        if (preg_match(self::THREAD, "{$cells->value} {$cells->package} {$cells->description}", $found) !== 1) {
            return [null, null];
        }
        /** @var '2'|'2.5'|'3'|'4'|'5' $thread */
        $thread = $found[1];

        return [$thread, isset($found[2]) ? min(100.0, max(1.0, (float) $found[2])) : null];
    }

    private function screw(float $thread, float $head, float $length): string
    {
        $top = -($length + 2.2) / 2;
        $turns = '';
        for ($y = $top + 3.0; $y < $top + 2.2 + $length; $y += 0.7) {
            $turns .= sprintf('M%s %sh%s', Num::of(-$thread / 2), Num::of($y), Num::of($thread));
        }

        return sprintf(
            '<path d="M%1$s %2$sa%3$s 2.2 0 0 1 %4$s 0Z" fill="%5$s"/><rect x="%6$s" y="%2$s" width="%7$s" height="%8$s" fill="%5$s"/><path d="%9$s" stroke="#7C8386" stroke-width="0.25"/>',
            Num::of(-$head / 2),
            Num::of($top + 2.2),
            Num::of($head / 2),
            Num::of($head),
            self::STEEL,
            Num::of(-$thread / 2),
            Num::of($thread),
            Num::of($length),
            $turns,
        );
    }

    private function standoff(float $flats, float $length, float $thread): string
    {
        return sprintf(
            '<rect x="%1$s" y="%2$s" width="%3$s" height="%4$s" fill="%5$s"/><path d="M%6$s %2$sv%4$sM%7$s %2$sv%4$s" stroke="#A88A4A" stroke-width="0.3"/>',
            Num::of(-$flats / 2),
            Num::of(-$length / 2),
            Num::of($flats),
            Num::of($length),
            self::BRASS,
            Num::of(-$thread / 2),
            Num::of($thread / 2),
        );
    }

    private function nut(float $flats, float $thread): string
    {
        $points = array_map(static function (int $corner) use ($flats): string {
            $angle = deg2rad(60.0 * $corner);

            return Num::of(($flats / 2) * cos($angle)) . ' ' . Num::of(($flats / 2) * sin($angle));
        }, range(0, 5));

        return '<path d="M' .
            implode('L', $points) .
            'Z" fill="' .
            self::STEEL .
            '"/>' .
            self::disc($thread, Palette::BLACK);
    }

    /** @return array{svg: string, width: float, height: float, isTrue: bool} */
    private function board(Kit $kit): array
    {
        $outline = $kit->boards[0]->outline;
        if (!$kit->boards[0]->outlineGiven || count($outline->corners) < 3) {
            return self::framed(40.0, 30.0, self::sheet(40.0, 30.0, Palette::MASK), false);
        }
        [$left, $bottom, $right, $top] = $outline->bounds();
        $path = implode(
            'L',
            array_map(
                static fn(Point $point): string => Num::of($point->x - ($left + $right) / 2) .
                    ' ' .
                    Num::of(($bottom + $top) / 2 - $point->y),
                $outline->corners,
            ),
        );

        return self::framed(
            $right - $left,
            $top - $bottom,
            "<path d=\"M{$path}Z\" fill=\"" . Palette::MASK . '"/>',
            true,
        );
    }

    /** A hank of wire in its colours; grey where none is named. */
    private function coil(string $words): string
    {
        $known = [
            'red' => '#B23A3A',
            'black' => '#26292C',
            'blue' => '#2F62A6',
            'green' => '#2F7E5C',
            'yellow' => '#D9B93C',
            'white' => '#E4E1D6',
            'brown' => '#7A4A2A',
            'orange' => '#D9762C',
        ];
        $colours = array_values(
            array_filter(
                $known,
                static fn(string $name): bool => preg_match("~\\b{$name}\\b~i", $words) === 1,
                ARRAY_FILTER_USE_KEY,
            ),
        );
        $colours = $colours === [] ? ['#8D9392'] : $colours;
        $loops = '';
        foreach ([0, 1, 2, 3] as $loop) {
            $loops .= sprintf(
                '<ellipse rx="%s" ry="%s" fill="none" stroke="%s" stroke-width="1.1"/>',
                Num::of(12.0 - 1.3 * $loop),
                Num::of(8.0 - 1.3 * $loop),
                $colours[$loop % count($colours)],
            );
        }

        return $loops;
    }

    private static function disc(float $diameter, string $fill): string
    {
        return sprintf('<circle r="%s" fill="%s"/>', Num::of($diameter / 2), $fill);
    }

    private static function ring(float $outer, float $inner, string $colour): string
    {
        return sprintf(
            '<circle r="%s" fill="none" stroke="%s" stroke-width="%s"/>',
            Num::of(($outer + $inner) / 4),
            $colour,
            Num::of(($outer - $inner) / 2),
        );
    }

    private static function sheet(float $width, float $height, string $fill): string
    {
        return sprintf(
            '<rect x="%s" y="%s" width="%s" height="%s" rx="1.5" fill="%s"/>',
            Num::of(-$width / 2),
            Num::of(-$height / 2),
            Num::of($width),
            Num::of($height),
            $fill,
        );
    }

    /** @return array{svg: string, width: float, height: float, isTrue: bool} */
    private static function framed(float $width, float $height, string $inside, bool $isTrue): array
    {
        $x = $width / 2 + self::MARGIN;
        $y = $height / 2 + self::MARGIN;

        return [
            'svg' => sprintf(
                '<svg viewBox="%s %s %s %s" aria-hidden="true" xmlns="http://www.w3.org/2000/svg">%s</svg>',
                Num::of(-$x),
                Num::of(-$y),
                Num::of(2 * $x),
                Num::of(2 * $y),
                $inside,
            ),
            'width' => round(2 * $x, 2),
            'height' => round(2 * $y, 2),
            'isTrue' => $isTrue,
        ];
    }
}
