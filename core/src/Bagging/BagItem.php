<?php

declare(strict_types=1);

namespace Chiralex\Bagging;

use Chiralex\Kit\KitPart;

/** One line of a bag's contents list: parts of one row of the parts list that look the same. */
final readonly class BagItem
{
    /**
     * @param non-empty-list<string> $designators `~<row>` where the row names none
     * @param ?float $length millimetres where the quantity is a length
     * @param bool $isOnStrip taped to the labelled strip, because a look-alike lies in the same bag
     */
    public function __construct(
        public array $designators,
        public int $quantity,
        public ?float $length,
        public KitPart $part,
        public bool $isOnStrip = false,
    ) {}

    public function onStrip(): self
    {
        return new self($this->designators, $this->quantity, $this->length, $this->part, true);
    }
}
