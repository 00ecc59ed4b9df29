<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Part\Hold;
use Chiralex\Part\Outline;
use Chiralex\Part\Sensitivity;
use Chiralex\Reason\Origin;

/** The body of a part, as the maker, a list, a layer or a table has it. */
final readonly class PartShape
{
    /**
     * @param float $height seated height in millimetres
     * @param list<string> $ownPins pin names the maker gave, empty where the package's are used
     * @param ?Hold $hold only where the maker says so
     */
    public function __construct(
        public Outline $outline,
        public float $height,
        public Origin $heightOrigin,
        public ?float $grams,
        public array $ownPins,
        public ?Hold $hold,
        public Sensitivity $sensitivity,
    ) {}
}
