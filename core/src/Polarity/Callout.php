<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

use Chiralex\Part\BoardMark;
use Chiralex\Part\Consequence;
use Chiralex\Part\Kind;
use Chiralex\Part\Mark;

/** Which mark on the part goes where, as the builder holds the board. */
final readonly class Callout
{
    /**
     * @param ?float $bearing degrees clockwise from the top of the view of the part's own side
     * @param ?string $direction one of eight words for the bearing
     * @param ?BoardMark $boardMark null where the board prints nothing, or nothing usual
     * @param ?string $squarePad what the square pad stands for at its kind, where the maker said it
     * @param ?string $landmark a designator fitted by then, or an edge: `top edge`
     * @param list<string> $replaceTogether
     */
    public function __construct(
        public string $designator,
        public Kind $kind,
        public ?Mark $fitMark,
        public ?Mark $partMark,
        public string $terminal,
        public ?BoardMark $boardMark,
        public ?float $bearing,
        public ?string $direction,
        public ?string $landmark,
        public Consequence $consequence,
        public array $replaceTogether,
        public ?string $squarePad = null,
    ) {}
}
