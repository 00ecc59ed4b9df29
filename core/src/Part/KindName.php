<?php

declare(strict_types=1);

namespace Chiralex\Part;

use Chiralex\Quantity\Unit;

/** How a kind is written in lists: its designator letters and what its value is. */
final readonly class KindName
{
    /**
     * @param list<string> $prefixes designator letters that suggest the kind (IEEE 315 class letters and their usual relatives)
     * @param ?LetterFamily $letters which other kinds share them
     * @param ?Unit $unit unit of the main value, null where the value is a name
     */
    public function __construct(
        public array $prefixes,
        public ?LetterFamily $letters = null,
        public ?Unit $unit = null,
    ) {}
}
