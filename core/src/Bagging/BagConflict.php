<?php

declare(strict_types=1);

namespace Chiralex\Bagging;

use Chiralex\Reason\Reason;

/** Parts that must not share a bag and do. */
final readonly class BagConflict
{
    /**
     * @param non-empty-list<string> $these
     * @param non-empty-list<string> $those
     */
    public function __construct(public string $bag, public array $these, public array $those, public Reason $reason) {}
}
