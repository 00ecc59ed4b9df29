<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

use Chiralex\Bagging\Bag;
use Chiralex\Bagging\BagItem;
use Chiralex\Bagging\BagPlan;
use Chiralex\Bagging\Internal\MassAdvice;
use Chiralex\Bagging\Internal\MassBook;
use Chiralex\Bagging\Internal\MassNeighbours;
use Chiralex\Bagging\Internal\Quarrels;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\Kit;

/**
 * Works out what weighing each bag of a kit proves.
 *
 * @phpstan-import-type Weighed from MassBook
 */
final readonly class ScaleProof
{
    /** Partners that could hide a missing piece: in a fuller bag those nearest in mass are tried. */
    private const PARTNERS = 12;
    private const NEAREST = 4;

    private function __construct(
        private Scale $scale,
        private MassBook $masses,
        private MassNeighbours $neighbours,
        private LookAlikes $alike,
    ) {}

    /** @return list<BagProof> in the order of the bags */
    public static function of(Kit $kit, BagPlan $plan, Scale $scale): array
    {
        $masses = MassBook::of($kit, $scale);
        $items = array_merge(...array_map(static fn(Bag $bag): array => $bag->items, $plan->bags), ...[[]]);
        $proof = new self($scale, $masses, MassNeighbours::of($masses->weighed($items)), LookAlikes::of($kit));
        $proofs = array_map($proof->bag(...), $plan->bags);
        $advice = new MassAdvice($scale, $masses, new Quarrels($proof->alike));

        return array_map(
            static fn(BagProof $each): BagProof => new BagProof(
                $each->bag,
                $each->contents,
                $each->window,
                $each->unweighed,
                $each->lines,
                $advice->on($each, $proofs),
                $each->whole,
            ),
            $proofs,
        );
    }

    private function bag(Bag $bag): BagProof
    {
        $weighed = $this->masses->weighed($bag->items);
        $whole = WholeBags::of($this->masses->bag($bag->name), $this->scale->alarm);
        if (count($weighed) < count($bag->items)) {
            $unweighed = array_filter($bag->items, fn(BagItem $item): bool => $this->masses->line($item) === null);

            return new BagProof($bag, null, null, array_values($unweighed), [], [], $whole);
        }
        $contents = $this->masses->contents($weighed);
        $window = $contents->window($this->scale);
        $pieces = [];
        foreach ($bag->items as $item) {
            $pieces[$item->designators[0]] = $item->quantity;
        }
        $lines = [];
        foreach ($weighed as $each) {
            $lines[] = $this->line($each, $pieces, $contents, $window);
        }

        return new BagProof($bag, $contents, $window, [], $lines, [], $whole);
    }

    /**
     * @param Weighed $line
     * @param array<string, int> $pieces of each line in the bag, by its first designator
     */
    private function line(array $line, array $pieces, Contents $contents, Window $window): LineProof
    {
        ['item' => $item, 'mass' => $mass] = $line;
        $less = $contents->changed($mass, $item->quantity, $item->quantity - 1);
        $missing = $less->outside($window);
        $beside = $this->neighbours->nearest(
            $line,
            $pieces,
            count($pieces) <= self::PARTNERS ? count($pieces) - 1 : self::NEAREST,
        );
        $alike = array_fill_keys($this->alike->to($item->designators[0]), true);

        return new LineProof(
            $item,
            $missing,
            $contents->changed($mass, $item->quantity, $item->quantity + 1)->outside($window),
            self::best($beside, $pieces, $less, $window),
            self::best($this->neighbours->nearest($line, $alike, 1), $pieces, $less, $window),
            $missing >= $this->scale->power,
            $mass,
        );
    }

    /**
     * The one of which one piece more hides best that one of the line is missing.
     *
     * @param list<Weighed> $partners
     * @param array<string, int> $pieces of each line in the bag, by its first designator
     * @return ?array{with: BagItem, probability: float, mass: LineMass}
     */
    private static function best(array $partners, array $pieces, Contents $less, Window $window): ?array
    {
        $best = null;
        foreach ($partners as $partner) {
            $here = $pieces[$partner['item']->designators[0]] ?? 0;
            $chance = $less->changed($partner['mass'], $here, $here + 1)->outside($window);
            if ($best === null || $chance < $best['probability']) {
                $best = ['with' => $partner['item'], 'probability' => $chance, 'mass' => $partner['mass']];
            }
        }

        return $best;
    }
}
