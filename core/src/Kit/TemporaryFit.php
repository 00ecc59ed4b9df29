<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A wire link or an unsoldered part that a gate needs for as long as it lasts. */
final readonly class TemporaryFit
{
    /**
     * @param list<string> $link the two points of a wire link; empty when it is a part
     * @param bool $soldered true when the part is soldered afterwards, false when it is removed
     */
    public function __construct(public array $link, public ?string $part, public string $why, public bool $soldered) {}

    public function name(): string
    {
        return $this->part ?? 'link ' . implode(' to ', $this->link);
    }
}
