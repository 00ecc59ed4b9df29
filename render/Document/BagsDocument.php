<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bagging\Bag;
use Chiralex\Bagging\BagConflict;
use Chiralex\Bagging\BagItem;
use Chiralex\Bagging\BagPlan;
use Chiralex\Bagging\Cut;
use Chiralex\Bagging\Packing\PackTimes;
use Chiralex\Bagging\Packing\TwoWays;
use Chiralex\Kit\FirstKit;
use Chiralex\Kit\KitPart;
use Chiralex\Reason\Reason;
use ChiralexRender\Text\PartMarking;
use ChiralexRender\Text\PartName;
use ChiralexRender\Told;
use ChiralexRender\Words;

/**
 * The document of `bags`.
 *
 * @phpstan-type Marking array{type: string, bands: list<string>, text: string}
 * @phpstan-type Item array{designators: non-empty-list<string>, quantity: int, length: ?float, value: string, kind: string, kindName: string, outline: string, marking: ?Marking, strip: bool}
 * @phpstan-type BagShape array{name: string, title: string, items: list<Item>, esd: bool, cushioned: bool, size: string, overridden: list<string>, reasons: list<array<string, mixed>>}
 * @phpstan-type Ways array{lineStart: float, lineEach: float, bagEach: float, crossing: ?int}
 * @phpstan-type Bags array{school: string, cost: string, ways: Ways, bags: list<BagShape>, conflicts: list<array{bag: string, these: list<string>, those: list<string>, message: string}>, cuts: list<array{what: string, pieces: int, length: float, total: float, names: list<string>}>, brought: list<array{designator: string, value: string, kindName: string}>, firstKit?: array{done: bool, off: list<array{part: string, pieces: int}>}}
 */
final readonly class BagsDocument
{
    private PartName $names;

    public function __construct(private Words $words)
    {
        $this->names = new PartName($words);
    }

    /**
     * @param ?FirstKit $first what the first kit told, where the maker reads it
     * @return Bags
     */
    public function of(BagPlan $plan, ?FirstKit $first = null): array
    {
        return [
            ...$first === null
                ? []
                : [
                    'firstKit' => [
                        'done' => $first->done,
                        'off' => array_map(
                            static fn(string $part, int $pieces): array => ['part' => $part, 'pieces' => $pieces],
                            array_map(strval(...), array_keys($first->off)),
                            array_values($first->off),
                        ),
                    ],
                ],
            'school' => $plan->school->value,
            'cost' => (string) $plan->cost,
            'ways' => self::ways($plan),
            'bags' => array_map($this->bag(...), $plan->bags),
            'conflicts' => array_map(
                fn(BagConflict $conflict): array => [
                    'bag' => $conflict->bag,
                    'these' => $conflict->these,
                    'those' => $conflict->those,
                    'message' => $this->words->of($conflict->reason),
                ],
                $plan->conflicts,
            ),
            'cuts' => array_map(
                static fn(Cut $cut): array => [
                    'what' => $cut->what,
                    'pieces' => $cut->pieces,
                    'length' => $cut->length,
                    'total' => $cut->pieces * $cut->length,
                    'names' => $cut->names,
                ],
                $plan->cuts,
            ),
            'brought' => array_map(
                fn(KitPart $part): array => [
                    'designator' => $part->designator,
                    'value' => $this->names->value($part),
                    'kindName' => $this->names->kind($part),
                ],
                $plan->brought,
            ),
        ];
    }

    /** @return Ways minutes of a run by either way: line by line from its start on, bag by bag for each kit */
    private static function ways(BagPlan $plan): array
    {
        $ways = TwoWays::of($plan, new PackTimes());

        return [
            'lineStart' => round($ways->lineStart, 3),
            'lineEach' => round($ways->lineEach, 3),
            'bagEach' => round($ways->bagEach, 3),
            'crossing' => $ways->crossing(),
        ];
    }

    /** @return BagShape */
    private function bag(Bag $bag): array
    {
        $told = new Told($this->words);

        return [
            'name' => $bag->name,
            'title' => $this->words->of($bag->title),
            'items' => array_map($this->item(...), $bag->items),
            'esd' => $bag->esd,
            'cushioned' => $bag->cushioned,
            'size' => $bag->size->value,
            'overridden' => $bag->overridden,
            'reasons' => array_map(static fn(Reason $reason): array => $told->reason($reason), $bag->reasons),
        ];
    }

    /** @return Item */
    private function item(BagItem $item): array
    {
        return [
            'designators' => $item->designators,
            'quantity' => $item->quantity,
            'length' => $item->length,
            'value' => $this->names->value($item->part),
            'kind' => $item->part->kind()->value,
            'kindName' => $this->names->kind($item->part),
            'outline' => $item->part->shape->outline->name,
            'marking' => PartMarking::of($item->part),
            'strip' => $item->isOnStrip,
        ];
    }
}
