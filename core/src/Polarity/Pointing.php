<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

/** Where a mark points, as the builder holds the board. */
final readonly class Pointing
{
    /**
     * @param ?float $bearing degrees clockwise from the top of the view of the part's own side
     * @param ?string $direction one of eight words for the bearing
     * @param ?string $landmark a designator fitted by then, or an edge: `top edge`
     */
    public function __construct(public ?float $bearing, public ?string $direction, public ?string $landmark) {}
}
