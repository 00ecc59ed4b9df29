<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

use Chiralex\Part\BoardMark;

/** What the board shows of a direction. */
final readonly class PrintedSign
{
    /**
     * @param ?BoardMark $mark null where the board prints nothing, or nothing usual
     * @param ?string $squarePad what the square pad stands for at its kind, where the maker said it
     * @param bool $isRead the legend of the board was looked at, so that no mark means that there is none
     */
    public function __construct(
        public ?BoardMark $mark = null,
        public ?string $squarePad = null,
        public bool $isRead = false,
    ) {}
}
