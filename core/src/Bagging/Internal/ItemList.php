<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Bagging\BagItem;
use Chiralex\Bom\Designators;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;

/** Gathers parts into the lines of a contents list. */
final readonly class ItemList
{
    public function __construct(private Kit $kit) {}

    /** @return list<KitPart> what is in the kit as sold */
    public function parts(): array
    {
        return array_values(array_filter($this->kit->parts, $this->kit->holds(...)));
    }

    /**
     * @param list<KitPart> $parts
     * @return list<BagItem> in the order of the parts list
     */
    public function items(array $parts): array
    {
        $groups = [];
        foreach ($parts as $part) {
            $groups["{$part->line->row}|{$part->kind()->value}|{$part->shape->outline->name}"][] = $part;
        }

        return array_values(array_map($this->item(...), $groups));
    }

    /** @param non-empty-list<KitPart> $parts */
    private function item(array $parts): BagItem
    {
        $names = array_map(static fn(KitPart $part): string => $part->designator, $parts);
        usort($names, Designators::compare(...));
        $line = $parts[0]->line;
        $counted = !Designators::isNamed($names[0]);

        return new BagItem($names, $counted ? max(1, $line->quantity) : count($names), $line->length, $parts[0]);
    }
}
