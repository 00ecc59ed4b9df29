<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Bagging\BagItem;
use Chiralex\Bagging\BagSize;
use Chiralex\Bagging\Weighing\BagProof;
use Chiralex\Bagging\Weighing\Contents;
use Chiralex\Bagging\Weighing\LineMass;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Bom\Designators;
use Chiralex\Part\Sensitivity;
use Chiralex\Reason\Reason;

/** What to do about lines that a bag's weighing does not prove: weigh them more often, or put them into a lighter bag. */
final readonly class MassAdvice
{
    public function __construct(private Scale $scale, private MassBook $masses, private Quarrels $quarrels) {}

    /**
     * @param list<BagProof> $all bags of the kit
     * @return list<Reason>
     */
    public function on(BagProof $proof, array $all): array
    {
        if ($proof->bag->size === BagSize::Box) {
            return [];
        }
        $advice = [];
        foreach ($proof->unweighed as $item) {
            $advice[] = new Reason('scale.weigh', [
                'designators' => self::names($item),
                'more' => LineMass::LEAST - $this->masses->times($item),
            ]);
        }
        foreach ($proof->window === null ? [] : $proof->byEye() as $item) {
            $lighter = $this->lighter($item, $proof, $all);
            $advice[] = new Reason(
                $lighter !== null ? 'scale.lighter' : ($this->isProvedAlone($item) ? 'scale.alone' : 'scale.no-bag'),
                ['designators' => self::names($item)] + ($lighter === null ? [] : ['bag' => $lighter->bag->name]),
            );
        }

        return $advice;
    }

    /** @return non-empty-list<string> designators; what a row without any is */
    private static function names(BagItem $item): array
    {
        $cells = $item->part->line->cells;
        $words = trim("{$cells->value} {$cells->description}");

        return Designators::isNamed($item->designators[0]) || $words === '' ? $item->designators : [$words];
    }

    /** @param list<BagProof> $all */
    private function lighter(BagItem $item, BagProof $proof, array $all): ?BagProof
    {
        $best = null;
        foreach ($all as $other) {
            $isLighter =
                $other->contents !== null &&
                $other->bag !== $proof->bag &&
                $other->contents->mean < ($best->contents->mean ?? INF) &&
                $this->mayLie($item, $other) &&
                $this->isProved($item, $other->contents);
            $best = $isLighter ? $other : $best;
        }

        return $best;
    }

    private function isProvedAlone(BagItem $item): bool
    {
        return $this->isProved($item, Contents::nothing($this->scale));
    }

    private function isProved(BagItem $item, Contents $beside): bool
    {
        $mass = $this->masses->line($item);
        if ($mass === null) {
            return false;
        }
        $with = $beside->with($mass, $item->quantity);

        return $beside->with($mass, $item->quantity - 1)->outside($with->window($this->scale)) >= $this->scale->power;
    }

    private function mayLie(BagItem $item, BagProof $other): bool
    {
        foreach ($other->bag->items as $each) {
            if ($this->quarrels->between($item, $each) !== null) {
                return false;
            }
        }

        return $other->bag->esd === ($item->part->shape->sensitivity === Sensitivity::Static);
    }
}
