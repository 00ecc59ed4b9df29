<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Placement;

/** Where a part stands. */
final readonly class PartPlace
{
    /**
     * @param ?string $socket the socket an IC goes into
     * @param bool $inCase it sits in a case or panel, and wires reach it
     */
    public function __construct(
        public ?Placement $placement,
        public ?PlacedBody $body,
        public ?string $socket = null,
        public bool $inCase = false,
    ) {}
}
