<?php

declare(strict_types=1);

namespace Chiralex\Bagging;

use Brick\Math\BigDecimal;
use Chiralex\Bagging\Internal\BagTies;
use Chiralex\Bagging\Internal\BaseGroups;
use Chiralex\Bagging\Internal\CheapSharing;
use Chiralex\Bagging\Internal\ItemList;
use Chiralex\Bagging\Internal\Quarrels;
use Chiralex\Bagging\Internal\Sharing;
use Chiralex\Bagging\Internal\Volume;
use Chiralex\Bom\Provision;
use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Sorting;
use Chiralex\Kit\Wire;
use Chiralex\Part\Sensitivity;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Plans the bags of a kit: a school sorts, quarrels split, the maker's own moves come last. */
final readonly class BagPlanner
{
    private BagCosts $costs;

    /** @param ?BagCosts $costs of the shop; the usual ones otherwise */
    public function __construct(?BagCosts $costs = null)
    {
        $this->costs = $costs ?? BagCosts::usual();
    }

    /** @param ?BuildOrder $order null while the order is a cycle: bags by step are then one bag */
    public function plan(Kit $kit, ?BuildOrder $order, ?Sorting $school = null): BagPlan
    {
        $school ??= $kit->choices->settings->bagging;
        $list = new ItemList($kit);
        $quarrels = Quarrels::of($kit);
        $drafts = [];
        $name = 'A';
        foreach ($this->shared($kit, $order, $school, $list, $quarrels) as $group) {
            $drafts[$name] = [
                'title' => $group['title'],
                'parts' => $this->partsOf($group['items'], $kit),
                'moved' => [],
                'reasons' => $group['reasons'],
            ];
            ++$name;
        }
        $bags = [];
        foreach ($this->moved($drafts, $kit) as $letter => $draft) {
            $items = $list->items($draft['parts']);
            $bags[] = $this->bag(
                (string) $letter,
                $draft,
                $school === Sorting::ByCost ? $this->taped($items, $quarrels) : $items,
                $kit,
            );
        }

        return new BagPlan(
            $school,
            $bags,
            $this->conflicts($bags, $quarrels),
            $this->cuts($kit),
            array_values(
                array_filter($kit->parts, static fn(KitPart $part): bool => $part->supply === Provision::Builder),
            ),
            $this->cost($bags),
        );
    }

    /** @return list<array{title: Reason, items: list<BagItem>, reasons: list<Reason>}> */
    private function shared(Kit $kit, ?BuildOrder $order, Sorting $school, ItemList $list, Quarrels $quarrels): array
    {
        $parts = $list->parts();
        if ($school === Sorting::ByCost) {
            return array_map(
                static fn(array $bag): array => [...$bag, 'reasons' => []],
                (new CheapSharing($kit, $quarrels, $this->costs))->bags($list->items($parts)),
            );
        }
        $shared = [];
        $sharing = new Sharing($quarrels);
        foreach ((new BaseGroups($kit, $order))->of($school, $parts) as $group) {
            foreach ($sharing->split($list->items($group['parts'])) as $index => $items) {
                $names = array_merge(...array_map(static fn(BagItem $item): array => $item->designators, $items));
                $shared[] = [
                    'title' => $group['title'],
                    'items' => $items,
                    'reasons' =>
                        $index === 0 ? [] : [new Reason('bags.apart', ['designators' => $names], Origin::Computed)],
                ];
            }
        }

        return $shared;
    }

    /**
     * @param list<BagItem> $items
     * @return list<BagItem> look-alikes that share their bag on the strip, where their leads allow it
     */
    private function taped(array $items, Quarrels $quarrels): array
    {
        $alikes = $quarrels->alikes($items);

        return array_map(
            static fn(BagItem $item, array $alike): BagItem => $alike !== [] && BagTies::canBeOnStrip($item->part)
                ? $item->onStrip()
                : $item,
            $items,
            $alikes,
        );
    }

    /** @param list<Bag> $bags */
    private function cost(array $bags): BigDecimal
    {
        $sealed = array_filter($bags, static fn(Bag $bag): bool => $bag->size !== BagSize::Box);
        $taped = array_merge(
            ...array_map(
                static fn(Bag $bag): array => array_filter(
                    $bag->items,
                    static fn(BagItem $item): bool => $item->isOnStrip,
                ),
                array_values($sealed),
            ),
        );

        return $this->costs->total(count($sealed), count($taped));
    }

    /**
     * @param array<string, array{title: Reason, parts: list<KitPart>, moved: list<string>, reasons: list<Reason>}> $drafts
     * @return array<string, array{title: Reason, parts: list<KitPart>, moved: list<string>, reasons: list<Reason>}>
     */
    private function moved(array $drafts, Kit $kit): array
    {
        foreach ($kit->choices->bags as $designator => $bag) {
            $part = $kit->part((string) $designator);
            if ($part === null || !$kit->holds($part)) {
                continue;
            }
            foreach ($drafts as $name => $draft) {
                $drafts[$name]['parts'] = array_values(
                    array_filter(
                        $draft['parts'],
                        static fn(KitPart $each): bool => $each->designator !== $part->designator,
                    ),
                );
            }
            $drafts[$bag] ??= ['title' => new Reason('bags.own'), 'parts' => [], 'moved' => [], 'reasons' => []];
            $drafts[$bag]['parts'][] = $part;
            $drafts[$bag]['moved'][] = $part->designator;
        }

        return array_filter($drafts, static fn(array $draft): bool => $draft['parts'] !== []);
    }

    /**
     * @param array{title: Reason, parts: list<KitPart>, moved: list<string>, reasons: list<Reason>} $draft
     * @param list<BagItem> $items
     */
    private function bag(string $name, array $draft, array $items, Kit $kit): Bag
    {
        $volume = array_sum(array_map(static fn(BagItem $item): float => (new Volume($kit))->of($item), $items));
        $has = static fn(Sensitivity $sensitivity): bool => array_filter(
            $draft['parts'],
            static fn(KitPart $part): bool => $part->shape->sensitivity === $sensitivity,
        ) !== [];

        return new Bag(
            $name,
            $draft['title'],
            $items,
            $has(Sensitivity::Static),
            $has(Sensitivity::Fragile),
            BagSize::for($volume),
            $draft['moved'],
            $draft['reasons'],
        );
    }

    /**
     * @param list<BagItem> $items
     * @return list<KitPart>
     */
    private function partsOf(array $items, Kit $kit): array
    {
        $parts = [];
        foreach ($items as $item) {
            foreach ($item->designators as $name) {
                $part = $kit->part($name);
                if ($part !== null) {
                    $parts[] = $part;
                }
            }
        }

        return $parts;
    }

    /**
     * @param list<Bag> $bags
     * @return list<BagConflict>
     */
    private function conflicts(array $bags, Quarrels $quarrels): array
    {
        $conflicts = [];
        foreach ($bags as $bag) {
            foreach ($quarrels->foes($bag->items) as $index => $foes) {
                foreach ($foes as $foe) {
                    $isTaped = $bag->items[$index]->isOnStrip && $bag->items[$foe]->isOnStrip;
                    $reason =
                        $foe > $index && !$isTaped ? $quarrels->between($bag->items[$index], $bag->items[$foe]) : null;
                    if ($reason !== null) {
                        $conflicts[] = new BagConflict(
                            $bag->name,
                            $bag->items[$index]->designators,
                            $bag->items[$foe]->designators,
                            $reason,
                        );
                    }
                }
            }
        }

        return $conflicts;
    }

    /** @return list<Cut> wires of one colour and length together */
    private function cuts(Kit $kit): array
    {
        $groups = [];
        foreach ($kit->work->wires as $wire) {
            if ($wire->length !== null) {
                $groups["{$wire->colour}|{$wire->length}"][] = $wire;
            }
        }

        return array_values(
            array_map(
                static fn(array $wires): Cut => new Cut(
                    $wires[0]->colour,
                    count($wires),
                    (float) $wires[0]->length,
                    array_map(static fn(Wire $wire): string => $wire->name, $wires),
                ),
                $groups,
            ),
        );
    }
}
