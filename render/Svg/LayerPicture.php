<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\Layer\Layer;
use Chiralex\Board\Layer\LayerInk;
use Chiralex\Board\Point;

/** A layer alone, as small as a stamp, so that its maker can say what it is. */
final readonly class LayerPicture
{
    private const MARGIN = 0.03;

    /** @return string empty where nothing is drawn */
    public function of(Layer $layer): string
    {
        $points = array_merge(...array_map(static fn($object): array => $object->points, $layer->objects), ...[[]]);
        if ($points === []) {
            return '';
        }
        [$xs, $ys] = [array_column($points, 'x'), array_column($points, 'y')];
        [$left, $top] = [min($xs), max($ys)];
        $size = max(1.0, max($xs) - $left, $top - min($ys));
        $margin = $size * self::MARGIN;
        $hair = $size / 200;
        $at = static fn(Point $point): string => Num::of($point->x - $left) . ' ' . Num::of($top - $point->y);
        $lines = [];
        $areas = '';
        foreach ($layer->objects as $object) {
            if ($object->shape !== 'region' && $object->patches === []) {
                $width = Num::of(max($hair, $object->width));
                $ends = array_map($at, $object->points);
                $lines[$width] =
                    ($lines[$width] ?? '') . 'M' . implode('L', count($ends) === 1 ? [...$ends, ...$ends] : $ends);
                continue;
            }
            foreach ((new LayerInk())->of($object) as $patch) {
                foreach ($patch->isDark ? $patch->contours : [] as $contour) {
                    $areas .= 'M' . implode('L', array_map($at, $contour)) . 'Z';
                }
            }
        }
        $drawn =
            $areas === '' ? '' : "<path d=\"{$areas}\" fill=\"currentColor\" fill-rule=\"evenodd\" stroke=\"none\"/>";
        foreach ($lines as $width => $path) {
            $drawn .= "<path d=\"{$path}\" stroke-width=\"{$width}\"/>";
        }

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s %s %s %s" fill="none" stroke="currentColor" stroke-linecap="round">%s</svg>',
            Num::of(-$margin),
            Num::of(-$margin),
            Num::of(max($xs) - $left + 2 * $margin),
            Num::of($top - min($ys) + 2 * $margin),
            $drawn,
        );
    }
}
