<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Board\Lie;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Side;

/** The document of `lie`. */
final readonly class LieDocument
{
    /**
     * @param list<PlacedBody> $fitted
     * @return array{contacts: list<string>, tilt: float, rocks: bool, neighbour: ?array{contacts: list<string>, tilt: float}, gaps: array<string, float>, plane: array{h: float, gx: float, gy: float}, centre: array{float, float}}
     */
    public function of(Lie $lie, Side $down, array $fitted): array
    {
        $gaps = [];
        foreach ($fitted as $body) {
            if ($body->face->side === $down) {
                $gaps[$body->designator] = round($lie->gap($body), 4);
            }
        }
        ksort($gaps, SORT_NATURAL);

        return [
            'contacts' => $lie->contacts,
            'tilt' => round($lie->plane->tilt(), 6),
            'rocks' => $lie->rocks,
            'neighbour' =>
                $lie->neighbour === null
                    ? null
                    : ['contacts' => $lie->neighbour->contacts, 'tilt' => round($lie->neighbour->plane->tilt(), 6)],
            'gaps' => $gaps,
            'plane' => ['h' => $lie->plane->h, 'gx' => $lie->plane->gx, 'gy' => $lie->plane->gy],
            'centre' => [round($lie->centre->x, 4), round($lie->centre->y, 4)],
        ];
    }
}
