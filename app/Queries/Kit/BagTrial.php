<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Models\Revision;
use App\Models\Shop;
use Brick\Math\BigDecimal;
use Chiralex\Bagging\BagConflict;
use Chiralex\Bagging\BagPlanner;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\ChiralexException;
use ChiralexRender\Words;

/** What it would cost to put a part into another bag; nothing is saved. */
final readonly class BagTrial
{
    public function __construct(private KitFolder $folder) {}

    /**
     * @return array{cost: string, change: string, conflicts: list<string>} money, the difference with its sign
     * @throws ChiralexException when the files cannot be read
     */
    public function of(Revision $revision, string $part, string $bag): array
    {
        $kit = $this->folder->kit($revision);
        $order = (new Planner())->plan($kit);
        $built = $order instanceof BuildOrder ? $order : null;
        $planner = new BagPlanner(Shop::bagCosts());
        $moved = $planner->plan($kit->withBags([$part => $bag] + $kit->choices->bags), $built);
        $change = $moved->cost->minus($planner->plan($kit, $built)->cost);

        return [
            'cost' => (string) $moved->cost,
            'change' => self::signed($change),
            'conflicts' => array_map(
                static fn(BagConflict $conflict): string => Words::english()->of($conflict->reason),
                $moved->conflicts,
            ),
        ];
    }

    private static function signed(BigDecimal $change): string
    {
        return ($change->isGreaterThan(0) ? '+' : '') . $change;
    }
}
