<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Part\Mark;

/** What the maker says of a part's direction. */
final readonly class PolarityFact
{
    /**
     * @param ?Mark $mark null when the part has none that shows
     * @param ?string $pin the pin the mark stands at
     * @param ?float $at degrees counter-clockwise at rotation 0, as seen from the top side
     */
    public function __construct(public ?Mark $mark, public string $terminal, public ?string $pin, public ?float $at) {}
}
