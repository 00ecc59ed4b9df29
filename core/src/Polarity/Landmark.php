<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

use Chiralex\Board\PlacedBody;

/** A fitted part that a builder could be pointed to. */
final readonly class Landmark
{
    /** Square millimetres. */
    public float $area;

    /** @param string $look kind and outline; the fewer of one look, the better the landmark */
    public function __construct(public PlacedBody $body, public string $look)
    {
        $this->area = round($body->outline->area(), 3);
    }
}
