<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A paragraph of a manual that was there before. */
final readonly class OldParagraph
{
    /**
     * @param string $id by its words, so that it is known again in a corrected file
     * @param int $number counted from 1 in its file
     * @param bool $isHeading it names what follows
     * @param bool $isDone the maker has taken it over, or does not need it
     */
    public function __construct(
        public string $id,
        public string $file,
        public int $number,
        public string $text,
        public bool $isHeading,
        public bool $isDone,
    ) {}
}
