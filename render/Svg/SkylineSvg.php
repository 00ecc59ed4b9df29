<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Board\Assembly;
use Chiralex\Board\Lie;
use Chiralex\Board\Lying;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Board\Polygon;
use Chiralex\Board\Side;
use Chiralex\Build\Action;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Step;
use Chiralex\Build\StepPart;
use Chiralex\Kit\Kit;
use Chiralex\Part\BodyShape;
use ChiralexRender\Markup;

/**
 * The flipped board lying on the table, seen from its edge: every point at its distance from the table, so that a part that
 * touches is drawn touching.
 */
final readonly class SkylineSvg
{
    private const LEAD = 3.0;
    /** From this tilt on, in degrees, the view is along the tilt instead of from the front edge. */
    private const LEANS = 1.2;
    /** A lying cylinder is widest at half its height; its top is a line, drawn below. */
    private const LYING = [[1.0, 0.5]];
    /** A lens: parts of its radius at parts of its height. */
    private const DOME = [[1.0, 0.66], [0.88, 0.83], [0.6, 0.95], [0.0, 1.0]];

    public function __construct(private Kit $kit, private BuildOrder $order) {}

    /** Null for steps that the table has no say in. */
    public function step(Step $step): ?string
    {
        $lie = $step->work->lie;
        $side = $step->face?->side;
        $board = $this->kit->board((string) $step->face?->board);
        if ($lie === null || $side === null || $board === null) {
            return null;
        }
        $assembly = Assembly::around($board, $this->kit->boards, $this->snapped($step));
        $fitted = $this->fitted($step, $assembly);
        $now = [];
        foreach ($step->parts as $part) {
            $now[$part->designator] = $part;
        }
        $bodies = $texts = '';
        $high = 0.0;
        foreach ($assembly->outlines() as $outline) {
            foreach ($outline->corners as $corner) {
                $high = max($high, $lie->plane->gap($corner, -$board->stuff->thickness));
            }
        }
        [$left, $right] = $this->extent($assembly, $lie);
        foreach ($fitted as $body) {
            if ($body->face->side !== $side) {
                continue;
            }
            if (isset($now[$body->designator])) {
                $texts .=
                    $this->body($body, $assembly, $lie, $now[$body->designator]) .
                    $this->leads($body, $assembly, $lie, $board->stuff->thickness);
            } else {
                $bodies .= $this->body($body, $assembly, $lie, null);
            }
        }
        $top = $high + self::LEAD + 7.0;
        $labels = $this->labels($fitted, $now, $assembly, $lie, $board->stuff->thickness, $high + self::LEAD + 1.0);

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s %s %s %s" class="skyline" role="img" aria-label="%s">%s<g class="slab">%s</g>%s%s<path class="table" d="M%s 0H%s"/><g class="contacts">%s</g></svg>',
            Num::of($left - 3),
            Num::of(-$top),
            Num::of($right - $left + 6),
            Num::of($top + 4),
            Markup::text(
                "Step {$step->number} on the table: tilt " .
                    round($lie->plane->tilt(), 1) .
                    ' degrees, rests on ' .
                    implode(', ', $lie->contacts),
            ),
            $bodies,
            $this->slab($assembly, $lie, $board->stuff->thickness),
            $texts,
            $labels,
            Num::of($left - 3),
            Num::of($right + 3),
            $this->contacts($assembly, $side, $fitted, $lie),
        );
    }

    /** @return list<string> */
    private function snapped(Step $step): array
    {
        $snapped = [];
        foreach ($this->order->steps as $each) {
            if ($each->number < $step->number && $each->action === Action::Snap) {
                $snapped[] = $each->what;
            }
        }

        return $snapped;
    }

    /** @return list<PlacedBody> */
    private function fitted(Step $step, Assembly $assembly): array
    {
        $later = $this->order->fittedAfter($step->number);

        return array_values(
            array_filter(
                $this->kit->bodies(),
                static fn(PlacedBody $body): bool => !isset($later[$body->designator]) &&
                    $assembly->has($body->face->board),
            ),
        );
    }

    /** @return array{float, float} */
    private function extent(Assembly $assembly, Lie $lie): array
    {
        $left = INF;
        $right = -INF;
        foreach ($assembly->outlines() as $outline) {
            foreach ($outline->corners as $corner) {
                $along = $this->seen($corner, 0.0, $lie)->x;
                [$left, $right] = [min($left, $along), max($right, $along)];
            }
        }

        return [$left, $right];
    }

    private function body(PlacedBody $body, Assembly $assembly, Lie $lie, ?StepPart $now): string
    {
        $offset = $assembly->offset($body->face->board);
        $points = [];
        foreach ($body->footprint()->corners as $corner) {
            $at = $corner->plus($offset->x, $offset->y);
            $points[] = $this->seen($at, 0.0, $lie);
            $profile = match ($body->outline->shape) {
                BodyShape::Dome => self::DOME,
                BodyShape::Lying => self::LYING,
                default => [[1.0, 1.0]],
            };
            foreach ($profile as [$wide, $up]) {
                $centre = $body->centre->plus($offset->x, $offset->y);
                $points[] = $this->seen(
                    new Point($centre->x + ($at->x - $centre->x) * $wide, $centre->y + ($at->y - $centre->y) * $wide),
                    $body->height * $up,
                    $lie,
                );
            }
        }
        foreach ($body->outline->shape === BodyShape::Lying ? $body->topPoints() : [] as $top) {
            $points[] = $this->seen($top->plus($offset->x, $offset->y), $body->height, $lie);
        }
        $class = $now === null ? 'fitted' : ($now->hold->hangs() ? 'hangs' : 'now');
        $gap = '';
        if ($now !== null && $now->hold->hangs() && $now->gap !== null) {
            $foot = $this->seen($body->centre->plus($offset->x, $offset->y), $body->height, $lie);
            $gap = sprintf(
                '<text class="gap" x="%s" y="3.1" text-anchor="middle">%s mm</text>',
                Num::of($foot->x),
                Num::of(round($now->gap, 1)),
            );
        }

        return sprintf(
            '<polygon class="%s" data-ref="%s" points="%s"/>%s',
            $class,
            Markup::text($body->designator),
            $this->hull($points),
            $gap,
        );
    }

    private function leads(PlacedBody $body, Assembly $assembly, Lie $lie, float $thickness): string
    {
        $offset = $assembly->offset($body->face->board);
        $show = min(self::LEAD, max(0.5, $body->outline->leads->length - $thickness));
        $svg = '';
        foreach ($body->pins as $pin) {
            $at = $pin->plus($offset->x, $offset->y);
            $from = $this->seen($at, -$thickness, $lie);
            $to = $this->seen($at, -$thickness - $show, $lie);
            $svg .= sprintf(
                '<path class="lead" d="M%s %sL%s %s"/>',
                Num::of($from->x),
                Num::of($from->y),
                Num::of($to->x),
                Num::of($to->y),
            );
        }

        return $svg;
    }

    /**
     * Labels in one row above the leads, moved apart where they would meet.
     *
     * @param list<PlacedBody> $fitted
     * @param array<string, StepPart> $now
     */
    private function labels(
        array $fitted,
        array $now,
        Assembly $assembly,
        Lie $lie,
        float $thickness,
        float $height,
    ): string {
        $labels = [];
        foreach ($fitted as $body) {
            if (isset($now[$body->designator])) {
                $offset = $assembly->offset($body->face->board);
                $labels[] = [
                    $this->seen($body->centre->plus($offset->x, $offset->y), -$thickness, $lie)->x,
                    $body->designator,
                ];
            }
        }
        usort($labels, static fn(array $a, array $b): int => $a <=> $b);
        $svg = '';
        $rows = [-INF, -INF];
        foreach ($labels as [$x, $name]) {
            $wide = mb_strlen($name) * 1.75 + 1.0;
            $row = $x - $wide / 2 >= $rows[0] ? 0 : 1;
            $middle = max($x, $rows[$row] + $wide / 2);
            $rows[$row] = $middle + $wide / 2;
            $svg .= sprintf(
                '<text class="name" x="%s" y="%s" text-anchor="middle">%s</text>',
                Num::of($middle),
                Num::of(-$height - $row * 2.8),
                Markup::text($name),
            );
        }

        return $svg;
    }

    private function slab(Assembly $assembly, Lie $lie, float $thickness): string
    {
        $svg = '';
        foreach ($assembly->outlines() as $outline) {
            $points = [];
            foreach ($outline->corners as $corner) {
                $points[] = $this->seen($corner, 0.0, $lie);
                $points[] = $this->seen($corner, -$thickness, $lie);
            }
            $svg .= '<polygon points="' . $this->hull($points) . '"/>';
        }

        return $svg;
    }

    /** @param list<PlacedBody> $fitted */
    private function contacts(Assembly $assembly, Side $side, array $fitted, Lie $lie): string
    {
        $svg = '';
        $drawn = [];
        foreach ((new Lying())->points($assembly, $side, $fitted) as $point) {
            if (
                abs($lie->plane->at(new Point($point->x, $point->y)) - $point->z) > 0.001 ||
                isset($drawn[$point->owner])
            ) {
                continue;
            }
            $drawn[$point->owner] = true;
            $x = $this->seen(new Point($point->x, $point->y), $point->z, $lie)->x;
            $svg .= sprintf('<path data-ref="%s" d="M%s 0.2l1 1.7h-2z"/>', Markup::text($point->owner), Num::of($x));
        }

        return $svg;
    }

    /** A point of the board at a height below its face: along the edge, and its distance from the table upwards. */
    private function seen(Point $point, float $height, Lie $lie): Point
    {
        [$ax, $ay] = self::axis($lie);
        $along = $ax * $point->x + $ay * $point->y + ($ax * $lie->plane->gx + $ay * $lie->plane->gy) * $height;

        return new Point($along, -$lie->plane->gap($point, $height));
    }

    /** True when the board leans enough to be seen along its tilt, where the slab is thin and hides nothing. */
    public static function alongTilt(Lie $lie): bool
    {
        return $lie->plane->tilt() > self::LEANS;
    }

    /** @return array{float, float} the direction on the board that runs to the right in the drawing */
    private static function axis(Lie $lie): array
    {
        if (!self::alongTilt($lie)) {
            return [1.0, 0.0];
        }
        $length = hypot($lie->plane->gx, $lie->plane->gy);
        $turn = abs($lie->plane->gx) >= abs($lie->plane->gy) ? $lie->plane->gx : $lie->plane->gy;

        return [($lie->plane->gx / $length) * ($turn < 0 ? -1 : 1), ($lie->plane->gy / $length) * ($turn < 0 ? -1 : 1)];
    }

    /** @param list<Point> $points */
    private function hull(array $points): string
    {
        return implode(
            ' ',
            array_map(
                static fn(Point $point): string => Num::of($point->x) . ',' . Num::of($point->y),
                Polygon::around($points)->corners,
            ),
        );
    }
}
