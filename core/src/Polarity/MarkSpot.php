<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

/** Where on a part its mark stands, where somebody says it. */
final readonly class MarkSpot
{
    /** @param ?float $at degrees counter-clockwise at rotation 0 */
    public function __construct(public ?string $pin = null, public ?float $at = null) {}
}
