<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Board\Face;
use Chiralex\Board\Polygon;

/** Two bodies that want the same room, or one that stands over the edge of its board. */
final readonly class BodyClash
{
    /**
     * @param list<string> $designators two, or the one that stands over the edge
     * @param float $mm how far
     * @param string $certainty `sure` where every size was typed or stands in a file, `table` where one comes from its package,
     *     `typical` where one is only usual for its kind
     * @param list<string> $doubtful those whose size is only usual for their kind
     * @param Polygon $area where they meet, or the body that stands over
     */
    public function __construct(
        public array $designators,
        public Face $face,
        public float $mm,
        public string $certainty,
        public array $doubtful,
        public Polygon $area,
    ) {}
}
