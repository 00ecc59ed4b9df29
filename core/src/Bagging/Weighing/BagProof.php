<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

use Chiralex\Bagging\Bag;
use Chiralex\Bagging\BagItem;
use Chiralex\Reason\Reason;

/** Whether weighing a bag proves it complete. */
final readonly class BagProof
{
    /**
     * @param ?Contents $contents null while a line is not weighed often enough
     * @param ?Window $window of right bags; null with the contents
     * @param list<BagItem> $unweighed lines with fewer than five weighings
     * @param list<LineProof> $lines
     * @param list<Reason> $advice
     * @param ?WholeBags $whole counted bags that were weighed as they are
     */
    public function __construct(
        public Bag $bag,
        public ?Contents $contents,
        public ?Window $window,
        public array $unweighed,
        public array $lines,
        public array $advice,
        public ?WholeBags $whole,
    ) {}

    /** @return list<BagItem> lines to be counted by eye */
    public function byEye(): array
    {
        return $this->window === null
            ? $this->bag->items
            : array_values(
                array_map(
                    static fn(LineProof $line): BagItem => $line->item,
                    array_filter($this->lines, static fn(LineProof $line): bool => !$line->isProved),
                ),
            );
    }
}
