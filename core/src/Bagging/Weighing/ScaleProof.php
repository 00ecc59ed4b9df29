<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

use Chiralex\Bagging\Bag;
use Chiralex\Bagging\BagItem;
use Chiralex\Bagging\BagPlan;
use Chiralex\Bagging\Internal\MassAdvice;
use Chiralex\Bagging\Internal\MassBook;
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
    private const PARTNERS = 40;
    private const NEAREST = 12;

    private function __construct(private Scale $scale, private MassBook $masses, private LookAlikes $alike) {}

    /** @return list<BagProof> in the order of the bags; what lies in the box is not weighed */
    public static function of(Kit $kit, BagPlan $plan, Scale $scale): array
    {
        $proof = new self($scale, MassBook::of($kit, $scale), LookAlikes::of($kit));
        $all = $proof->masses->weighed(
            array_merge(...array_map(static fn(Bag $bag): array => $bag->items, $plan->bags), ...[[]]),
        );
        $proofs = array_map(static fn(Bag $bag): BagProof => $proof->bag($bag, $all), $plan->bags);
        $advice = new MassAdvice($kit, $scale, $proof->masses);

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

    /** @param list<Weighed> $all lines of the kit */
    private function bag(Bag $bag, array $all): BagProof
    {
        $weighed = $this->masses->weighed($bag->items);
        $whole = WholeBags::of($this->masses->bag($bag->name), $this->scale->alarm);
        if (count($weighed) < count($bag->items)) {
            $unweighed = array_filter($bag->items, fn(BagItem $item): bool => $this->masses->line($item) === null);

            return new BagProof($bag, null, null, array_values($unweighed), [], [], $whole);
        }
        $contents = $this->masses->contents($weighed);
        $window = $contents->window($this->scale);
        $lines = [];
        foreach ($weighed as $each) {
            $lines[] = $this->line($each, $weighed, $contents, $window, $all);
        }

        return new BagProof($bag, $contents, $window, [], $lines, [], $whole);
    }

    /**
     * @param Weighed $line
     * @param list<Weighed> $bag
     * @param list<Weighed> $all
     */
    private function line(array $line, array $bag, Contents $contents, Window $window, array $all): LineProof
    {
        ['item' => $item, 'mass' => $mass] = $line;
        $less = $contents->changed($mass, $item->quantity, $item->quantity - 1);
        $missing = $less->outside($window);

        return new LineProof(
            $item,
            $missing,
            $contents->changed($mass, $item->quantity, $item->quantity + 1)->outside($window),
            self::best(self::besides($line, $bag), $bag, $less, $window),
            self::best($this->lookAlikes($item, $all), $bag, $less, $window),
            $missing >= $this->scale->power,
        );
    }

    /**
     * The one of which one piece more hides best that one of the line is missing.
     *
     * @param list<Weighed> $partners
     * @param list<Weighed> $bag
     * @return ?array{with: BagItem, probability: float}
     */
    private static function best(array $partners, array $bag, Contents $less, Window $window): ?array
    {
        $best = null;
        foreach ($partners as $partner) {
            $here = in_array($partner, $bag, true) ? $partner['item']->quantity : 0;
            $chance = $less->changed($partner['mass'], $here, $here + 1)->outside($window);
            if ($best === null || $chance < $best['probability']) {
                $best = ['with' => $partner['item'], 'probability' => $chance];
            }
        }

        return $best;
    }

    /**
     * @param Weighed $line
     * @param list<Weighed> $bag
     * @return list<Weighed> the other lines of the bag that could hide one of it missing
     */
    private static function besides(array $line, array $bag): array
    {
        $others = array_values(array_filter($bag, static fn(array $other): bool => $other !== $line));
        if (count($others) <= self::PARTNERS) {
            return $others;
        }
        $own = $line['mass']->mean;
        usort(
            $others,
            static fn(array $a, array $b): int => abs($a['mass']->mean - $own) <=> abs($b['mass']->mean - $own),
        );

        return array_slice($others, 0, self::NEAREST);
    }

    /**
     * @param list<Weighed> $all
     * @return list<Weighed> look-alikes in the kit
     */
    private function lookAlikes(BagItem $item, array $all): array
    {
        $alike = array_fill_keys($this->alike->to($item->designators[0]), true);

        return array_values(
            array_filter($all, static fn(array $other): bool => isset($alike[$other['item']->designators[0]])),
        );
    }
}
