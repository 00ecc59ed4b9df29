<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Bagging\BagCosts;
use Chiralex\Bagging\BagItem;
use Chiralex\Bom\Designators;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Reason;

/** Shares a kit out into bags that cost least together; what fits no bag lies in the box. */
final readonly class CheapSharing
{
    public function __construct(private Kit $kit, private Quarrels $quarrels, private BagCosts $costs) {}

    /**
     * @param list<BagItem> $items
     * @return list<array{title: Reason, items: list<BagItem>}> the bags, then what lies in the box
     */
    public function bags(array $items): array
    {
        usort($items, self::compare(...));
        $ties = BagTies::of($items, $this->kit, $this->quarrels);
        $box = array_values(array_filter(array_keys($items), $ties->isForBox(...)));
        $bags = [];
        foreach ($this->groups(array_values(array_diff(array_keys($items), $box)), $ties) as $group) {
            array_push($bags, ...$this->shared($group, $ties));
        }
        $bags = array_map(static fn(BagLoad $bag): array => $bag->items(), $bags);
        sort($bags);

        return array_map(
            static function (array $bag) use ($items): array {
                $inside = array_map(static fn(int $item): BagItem => $items[$item], $bag);

                return ['title' => self::title($inside), 'items' => $inside];
            },
            [...$bags, ...array_map(static fn(int $item): array => [$item], $box)],
        );
    }

    /**
     * @param list<int> $items
     * @return list<BagLoad>
     */
    private function shared(array $items, BagTies $ties): array
    {
        $nothing = BagLoad::nothing($ties, $this->costs);
        if (count($items) <= CheapestBags::EXACT) {
            return CheapestBags::of($items, $nothing);
        }
        // What quarrels with nobody goes along with the rest: the quarrels are weighed exactly, if they are few.
        $here = array_fill_keys($items, true);
        $torn = array_values(
            array_filter(
                $items,
                static fn(int $item): bool => array_intersect_key($ties->never[$item] + $ties->alike[$item], $here) !==
                    [],
            ),
        );
        $shuffled = BagShuffle::of($items, $ties, $nothing);
        if (count($torn) > CheapestBags::EXACT) {
            return $shuffled;
        }
        $bags = CheapestBags::of($torn, $nothing);
        foreach (array_diff($items, $torn) as $item) {
            $bags = self::poured($bags, $item, $nothing);
        }

        return BagShuffle::cost($bags) < BagShuffle::cost($shuffled) ? $bags : $shuffled;
    }

    /**
     * @param list<BagLoad> $bags
     * @return list<BagLoad> with the item where it mixes least
     */
    private static function poured(array $bags, int $item, BagLoad $nothing): array
    {
        $place = count($bags);
        $least = PHP_INT_MAX;
        foreach ($bags as $bag => $load) {
            $more = $load->more($item);
            if ($more !== null && $more < $least) {
                [$place, $least] = [$bag, $more];
            }
        }
        $bags[$place] = ($bags[$place] ?? $nothing)->with($item);

        return array_values($bags);
    }

    /**
     * Items of which none may lie with one of another group, so that each group is shared out by itself.
     *
     * @param list<int> $items
     * @return list<list<int>>
     */
    private function groups(array $items, BagTies $ties): array
    {
        $groups = [];
        $left = array_fill_keys($items, true);
        while ($left !== []) {
            $group = [];
            $open = [array_key_first($left)];
            unset($left[$open[0]]);
            while ($open !== []) {
                $group[] = $item = array_pop($open);
                $met = array_keys(array_diff_key($left, $ties->never[$item]));
                array_push($open, ...$met);
                $left = array_intersect_key($left, $ties->never[$item]);
            }
            sort($group);
            $groups[] = $group;
        }

        return $groups;
    }

    /** By family, then by what they are, so that the order of the rows tells nothing. */
    private static function compare(BagItem $a, BagItem $b): int
    {
        $key = static fn(BagItem $item): array => [
            Family::of($item->part)->rank(),
            $item->part->kind()->value,
            str_starts_with($item->designators[0], '~') ? 1 : 0,
        ];
        $text = static fn(BagItem $item): string => implode('|', [
            $item->part->line->cells->value,
            $item->part->line->cells->package,
            $item->part->line->cells->description,
            $item->quantity,
        ]);

        return $key($a) <=> $key($b) ?:
            (str_starts_with($a->designators[0], '~')
                ? $text($a) <=> $text($b)
                : Designators::compare($a->designators[0], $b->designators[0]));
    }

    /** @param list<BagItem> $items at least one */
    private static function title(array $items): Reason
    {
        $families = array_map(static fn(BagItem $item): Family => Family::of($item->part), $items);
        $first = $families[0];
        $isOne = array_filter($families, static fn(Family $each): bool => $each !== $first) === [];
        $hardware = array_filter($families, static fn(Family $each): bool => $each->isHardware()) !== [];

        return new Reason($isOne ? $first->value : ($hardware ? 'bags.parts-and-hardware' : 'bags.parts'));
    }
}
