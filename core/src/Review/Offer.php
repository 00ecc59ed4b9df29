<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Reason\Reason;

/** A fact that nobody has said and that can be worked out, offered for the maker to take; taken for granted nowhere. */
final readonly class Offer
{
    /**
     * @param string $fact as FactEdit calls it
     * @param array<array-key, mixed>|string $value as the kit file would have it
     */
    public function __construct(public string $fact, public array|string $value, public Reason $why) {}
}
