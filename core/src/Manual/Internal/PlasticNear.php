<?php

declare(strict_types=1);

namespace Chiralex\Manual\Internal;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Step;
use Chiralex\Kit\Kit;
use Chiralex\Kit\SolderFrom;
use Chiralex\Part\Sensitivity;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Bodies that heat deforms and that stand within reach of the iron while a step is soldered; the distance is common practice. */
final readonly class PlasticNear
{
    private const NEAR = 3.0;

    public function __construct(private Kit $kit, private BuildOrder $order) {}

    /** @return list<Reason> one for the whole step */
    public function at(Step $step): array
    {
        if ($step->face === null || $step->work->lie === null) {
            return [];
        }
        $front = $this->kit->choices->settings->bench->solderFrom === SolderFrom::Front;
        $iron = $front ? $step->face->side : $step->face->side->other();
        $fitted = $this->order->fittedBefore($step->number);
        $near = [];
        foreach ($this->kit->bodies() as $name => $body) {
            $part = $this->kit->part($name);
            if (
                isset($fitted[$name]) &&
                $body->face->board === $step->face->board &&
                $body->face->side === $iron &&
                $part?->shape->sensitivity === Sensitivity::Heat &&
                $this->reaches($step, $body)
            ) {
                $near[] = (string) $name;
            }
        }

        return $near === []
            ? []
            : [
                new Reason(
                    count($near) === 1 ? 'tip.plastic-near' : 'tip.plastics-near',
                    ['designators' => $near, 'mm' => self::NEAR],
                    Origin::CommonPractice,
                ),
            ];
    }

    private function reaches(Step $step, PlacedBody $body): bool
    {
        $corners = $body->footprint()->corners;
        foreach ($step->names() as $name) {
            foreach ($this->kit->part($name)?->place->body->pins ?? [] as $pin) {
                if ($body->footprint()->contains($pin) || self::distance($pin, $corners) <= self::NEAR) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param list<Point> $corners millimetres from a point to the edge of an outline */
    private static function distance(Point $point, array $corners): float
    {
        $least = INF;
        foreach ($corners as $index => $a) {
            $b = $corners[($index + 1) % count($corners)];
            $length = ($b->x - $a->x) ** 2 + ($b->y - $a->y) ** 2;
            $along =
                $length <= 0.0
                    ? 0.0
                    : max(
                        0.0,
                        min(
                            1.0,
                            (($point->x - $a->x) * ($b->x - $a->x) + ($point->y - $a->y) * ($b->y - $a->y)) / $length,
                        ),
                    );
            $least = min(
                $least,
                $point->distanceTo(new Point($a->x + $along * ($b->x - $a->x), $a->y + $along * ($b->y - $a->y))),
            );
        }

        return $least;
    }
}
