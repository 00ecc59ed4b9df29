<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Part\Kind;

/** Something that is bought in bars or on reels and cut for each kit. */
final readonly class CutStock
{
    /**
     * @param string $name what `cuts` calls it
     * @param ?Kind $kind strips of this kind are snapped from it
     * @param string $colour wires of this colour are cut from it; empty: none
     * @param float $length of one bar or reel, in its unit
     * @param string $unit `mm` or `position`
     * @param float $loss what one cut takes away, in its unit
     */
    public function __construct(
        public string $name,
        public ?Kind $kind,
        public string $colour,
        public float $length,
        public string $unit,
        public float $loss,
    ) {}
}
