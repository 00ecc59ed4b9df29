<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Placement;

/** Where a part stands. */
final readonly class PartPlace
{
    /** @param ?string $socket the socket an IC goes into */
    public function __construct(
        public ?Placement $placement,
        public ?PlacedBody $body,
        public ?string $socket = null,
    ) {}
}
