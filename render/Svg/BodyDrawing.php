<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Kit\KitPart;
use Chiralex\Kit\PartLook;
use Chiralex\Marking\Colour;
use Chiralex\Part\BodyLook;
use Chiralex\Part\BodyShape;
use Chiralex\Part\LetterFamily;
use Chiralex\Part\Outline;

/** Draws a body in its own frame: millimetres, centre at 0, y up. The silk outline and the body with its marks. */
final readonly class BodyDrawing
{
    public function silk(Outline $outline, BodyLook $look): string
    {
        return '<path d="' . $this->contour($outline, $look, 0.35) . '"/>';
    }

    public function body(KitPart $part): string
    {
        $outline = $part->shape->outline;
        if ($outline->shape === BodyShape::Lying) {
            return $this->lying($part);
        }
        $fill = $this->fill($part);

        return '<path d="' .
            $this->contour($outline, $part->row->body->look, 0.0) .
            "\" fill=\"{$fill}\"/>" .
            $this->marks($part);
    }

    private function fill(KitPart $part): string
    {
        return match ($part->row->body->look) {
            BodyLook::SleevedCan => '#2B3A55',
            BodyLook::CeramicDisc => '#B07A2E',
            BodyLook::FilmBox => '#A33F34',
            BodyLook::Bead => '#C99A34',
            BodyLook::Lens => Palette::lens($part->line->cells->value),
            BodyLook::Slotted, BodyLook::BlueBox => '#2F62A6',
            BodyLook::ScrewHeads => '#2F7E5C',
            BodyLook::DarkBox => '#3C4A66',
            BodyLook::MetalCan => '#A9B0B3',
            BodyLook::GreyBox => '#5B5F63',
            BodyLook::Socket => '#3A3F42',
            BodyLook::Unknown => '#8A8C86',
            BodyLook::Plain, BodyLook::PinRow, BodyLook::Plunger, BodyLook::Sounder, BodyLook::Chip => Palette::BLACK,
        };
    }

    private function contour(Outline $outline, BodyLook $look, float $grow): string
    {
        $x = $outline->along / 2 + $grow;
        $y = $outline->across / 2 + $grow;
        if ($look === BodyLook::Lens) {
            $cut = 0.8 * $x;
            $edge = sqrt(max(0.0, $x ** 2 - $cut ** 2));

            return sprintf(
                'M%s %sA%s %s 0 1 1 %s %sZ',
                Num::of(-$cut),
                Num::of(-$edge),
                Num::of($x),
                Num::of($x),
                Num::of(-$cut),
                Num::of($edge),
            );
        }
        if ($outline->name === 'TO-92') {
            return sprintf(
                'M%s %sL%s %sA%s %s 0 0 1 %s %sZ',
                Num::of(-$x),
                Num::of(-$y * 0.75),
                Num::of($x),
                Num::of(-$y * 0.75),
                Num::of($x),
                Num::of($y * 1.5),
                Num::of(-$x),
                Num::of(-$y * 0.75),
            );
        }
        if ($outline->shape === BodyShape::Can || $outline->shape === BodyShape::Dome) {
            return sprintf(
                'M%1$s 0A%2$s %2$s 0 1 0 %3$s 0A%2$s %2$s 0 1 0 %1$s 0Z',
                Num::of(-$x),
                Num::of($x),
                Num::of($x),
            );
        }
        $notch = in_array($look, [BodyLook::Chip, BodyLook::Socket], true)
            ? sprintf('H0.9A0.9 0.9 0 0 1 -0.9 %s', Num::of($y))
            : '';

        return sprintf('M%1$s %2$sV%3$sH%4$sV%2$s%5$sZ', Num::of(-$x), Num::of($y), Num::of(-$y), Num::of($x), $notch);
    }

    private function lying(KitPart $part): string
    {
        $x = $part->shape->outline->along / 2;
        $y = $part->shape->outline->across / 2;
        $pins = array_values($part->shape->outline->pins);
        $reach = max($x, abs($pins[0][0] ?? $x));
        $svg = sprintf(
            '<path d="M%s 0H%s" stroke="%s" stroke-width="0.6" fill="none"/>',
            Num::of(-$reach),
            Num::of($reach),
            Palette::LEAD,
        );
        // A lying body with letters of a diode has its band; glass is red, resin black. All else is a resistor's beige.
        $fill = match (true) {
            $part->row->name->letters !== LetterFamily::Diode => '#D8C29A',
            $part->shape->outline->name === 'DO-35' => '#C46A3A',
            default => Palette::BLACK,
        };
        $svg .= sprintf(
            '<rect x="%s" y="%s" width="%s" height="%s" rx="%s" fill="%s"/>',
            Num::of(-$x),
            Num::of(-$y),
            Num::of(2 * $x),
            Num::of(2 * $y),
            Num::of(min(0.9, $y)),
            $fill,
        );
        if ($part->direction->polarised) {
            return $svg . $this->bar(-$x * 0.7, $x * 0.28, $y, $fill === Palette::BLACK ? '#C9CCCB' : '#161616');
        }
        foreach (self::bandPlaces(PartLook::of($part)->bands, $x) as [$at, $colour]) {
            $svg .= $this->bar($at, $x * 0.16, $y, Palette::band($colour));
        }

        return $svg;
    }

    /**
     * The last band stands apart, as on the part.
     *
     * @param list<Colour> $bands
     * @return list<array{float, Colour}> left edge in millimetres, colour
     */
    private static function bandPlaces(array $bands, float $half): array
    {
        $places = [];
        $last = count($bands) - 1;
        foreach ($bands as $index => $colour) {
            $places[] = [
                $index === $last && $last > 1
                    ? $half * 0.62
                    : -$half * 0.78 + $index * $half * (count($bands) > 4 ? 0.3 : 0.36),
                $colour,
            ];
        }

        return $places;
    }

    private function bar(float $x, float $width, float $half, string $colour): string
    {
        return sprintf(
            '<rect x="%s" y="%s" width="%s" height="%s" fill="%s"/>',
            Num::of($x),
            Num::of(-$half),
            Num::of($width),
            Num::of(2 * $half),
            $colour,
        );
    }

    private function marks(KitPart $part): string
    {
        $outline = $part->shape->outline;
        $r = $outline->along / 2;

        return match ($part->row->body->look) {
            BodyLook::SleevedCan => $part->direction->polarised
                ? sprintf(
                    '<path d="M%1$s %2$sA%3$s %3$s 0 0 1 %1$s %4$sZ" fill="#C4C9CE"/><path d="M%5$s 0h1.1" stroke="#2B3A55" stroke-width="0.35"/>',
                    Num::of($r * 0.45),
                    Num::of(-$r * 0.893),
                    Num::of($r),
                    Num::of($r * 0.893),
                    Num::of($r * 0.58),
                )
                : '',
            BodyLook::Sounder => sprintf(
                '<circle r="1" fill="#0E0F10"/><path d="M%1$s 0h1.8M%2$s -0.9v1.8" stroke="#EFEBDF" stroke-width="0.4"/>',
                Num::of(-$r * 0.75),
                Num::of(-$r * 0.75 + 0.9),
            ),
            BodyLook::Slotted => sprintf(
                '<circle r="%s" fill="#E4E0D2"/><path d="M%s 0h%s" stroke="#2F4A70" stroke-width="0.7"/>',
                Num::of($r * 0.42),
                Num::of(-$r * 0.36),
                Num::of($r * 0.72),
            ),
            BodyLook::ScrewHeads => $this->each($outline, '<circle cx="%s" cy="%s" r="1.7" fill="#C9CCCB"/>', 1.2),
            BodyLook::PinRow => $this->each(
                $outline,
                '<rect x="%s" y="%s" width="0.8" height="0.8" transform="translate(-0.4 -0.4)" fill="#CDA765"/>',
                0.0,
            ),
            BodyLook::Plunger => sprintf('<circle r="%s" fill="#6B7073"/>', Num::of($r * 0.55)),
            BodyLook::Socket => sprintf(
                '<rect x="%s" y="%s" width="%s" height="%s" fill="#26292C"/>',
                Num::of(-$r * 0.45),
                Num::of(-$outline->across * 0.4),
                Num::of($r * 0.9),
                Num::of($outline->across * 0.8),
            ) . $this->each($outline, '<circle cx="%s" cy="%s" r="0.5" fill="#CDA765"/>', 0.0),
            BodyLook::Chip => $this->each(
                $outline,
                '<rect x="%s" y="%s" width="1.2" height="0.9" transform="translate(-0.6 -0.45)" fill="#B9BCBA"/>',
                0.0,
            ),
            default => '',
        };
    }

    private function each(Outline $outline, string $shape, float $shift): string
    {
        $svg = '';
        foreach ($outline->pins as [$x, $y]) {
            $svg .= sprintf($shape, Num::of($x), Num::of($y + $shift));
        }

        return $svg;
    }
}
