<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** What a board prints for a direction, and which mark of the part goes to it. */
final readonly class BoardMark
{
    /**
     * @param string $print `bar`, `plus`, `flat`, `notch`, `pin 1`, `outline`
     * @param Mark $meets the mark of the part that goes to it
     * @param string $source where the row comes from
     */
    public function __construct(public string $print, public Mark $meets, public string $source) {}
}
