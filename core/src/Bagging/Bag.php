<?php

declare(strict_types=1);

namespace Chiralex\Bagging;

use Chiralex\Reason\Reason;

/** One bag of a kit. */
final readonly class Bag
{
    /**
     * @param string $name letter on its label: A, B, ... Z, AA
     * @param Reason $title what is in it, as a code
     * @param list<BagItem> $items
     * @param bool $esd a shielding bag
     * @param bool $cushioned padded, for fragile parts
     * @param list<string> $overridden parts the maker put here
     * @param list<Reason> $reasons why it is a bag of its own
     */
    public function __construct(
        public string $name,
        public Reason $title,
        public array $items,
        public bool $esd,
        public bool $cushioned,
        public BagSize $size,
        public array $overridden,
        public array $reasons,
    ) {}

    /** @return list<string> those on the labelled strip */
    public function taped(): array
    {
        return array_merge(
            ...array_map(static fn(BagItem $item): array => $item->isOnStrip ? $item->designators : [], $this->items),
            ...[[]],
        );
    }

    /** @return list<string> */
    public function designators(): array
    {
        return array_merge(...array_map(static fn(BagItem $item): array => $item->designators, $this->items), ...[[]]);
    }
}
