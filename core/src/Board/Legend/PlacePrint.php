<?php

declare(strict_types=1);

namespace Chiralex\Board\Legend;

/** What a legend prints at the place of a part. */
final readonly class PlacePrint
{
    /**
     * @param list<string> $shows `designator`, `value`, `outline`, or `nothing` alone
     * @param string $mark `bar`, `flat`, `notch`, `plus`, `minus`, `square`, `dot`, or `none`
     */
    public function __construct(public string $designator, public array $shows, public string $mark) {}

    public function hasDirection(): bool
    {
        return $this->mark !== 'none';
    }
}
