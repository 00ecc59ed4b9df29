<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** How a flipped board lies on the table. */
final readonly class Lie
{
    /** Up to this gap a stiff part counts as held flush by the table, in millimetres. */
    public const FLUSH = 0.5;
    /** Beyond this tilt, in degrees, the small-tilt approximation ends and the board needs a prop. */
    public const PROP_TILT = 5.0;

    /**
     * @param list<string> $contacts designators and `corner x,y`, sorted
     * @param bool $rocks the centre stands outside the facet or within 2 mm of its edge
     * @param ?Lie $neighbour the lie it rocks over to
     * @param Point $centre of mass
     * @param array{int, int, int} $triangle the solver's corners, to start the next search from
     */
    public function __construct(
        public Plane $plane,
        public array $contacts,
        public bool $rocks,
        public ?self $neighbour,
        public Point $centre,
        public array $triangle,
    ) {}

    /** From the part's top to the table along the normal, at its centre, in millimetres. */
    public function gap(PlacedBody $body): float
    {
        return max(0.0, $this->plane->gap($body->centre, $body->height));
    }

    /** The least gap over the points of its top. */
    public function leastGap(PlacedBody $body): float
    {
        $least = INF;
        foreach ($body->topPoints() as $point) {
            $least = min($least, $this->plane->gap($point, $body->height));
        }

        return max(0.0, $least);
    }

    public function holdsFlush(PlacedBody $body): bool
    {
        return $this->leastGap($body) <= self::FLUSH + 1e-9;
    }
}
