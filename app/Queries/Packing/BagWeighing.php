<?php

declare(strict_types=1);

namespace App\Queries\Packing;

use App\Models\Run;
use App\Models\Shop;
use App\Queries\Kit\KitFolder;
use Chiralex\Bagging\BagItem;
use Chiralex\Bagging\BagPlanner;
use Chiralex\Bagging\Weighing\BagAlarm;
use Chiralex\Bagging\Weighing\BagProof;
use Chiralex\Bagging\Weighing\BagSuspect;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Bagging\Weighing\ScaleProof;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\ChiralexException;

/** A finished bag on the scale, against its window. */
final readonly class BagWeighing
{
    public function __construct(private KitFolder $folder) {}

    /**
     * @return array<string, mixed>
     * @throws ChiralexException when the files of the kit cannot be read
     */
    public function of(Run $run, string $bag, float $grams): array
    {
        $kit = $this->folder->kit($run->release->revision, $run->options);
        $order = (new Planner())->plan($kit);
        $plan = (new BagPlanner(Shop::bagCosts()))->plan($kit, $order instanceof BuildOrder ? $order : null);
        $own = Shop::ours()->scale();
        $scale = new Scale($own->division, $own->repeatability, 0.01 / max(1, count($plan->bags)));
        $proofs = array_values(
            array_filter(
                ScaleProof::of($kit, $plan, $scale),
                static fn(BagProof $proof): bool => $proof->bag->name === $bag,
            ),
        );
        $proof = $proofs[0] ?? abort(404, 'There is no such bag in this kit.');
        $alarm = BagAlarm::of($proof, $scale, $grams);
        $names = static fn(BagItem $item): array => $item->designators;

        return [
            'grams' => $grams,
            'low' => $proof->window?->low,
            'high' => $proof->window?->high,
            'inside' => $alarm?->isInside,
            'real' => $alarm?->real,
            'suspects' => array_map(
                static fn(BagSuspect $suspect): array => [
                    'what' => $suspect->what,
                    'designators' => $suspect->item->designators,
                    'with' => $suspect->with?->designators,
                    'chance' => $suspect->chance,
                ],
                $alarm === null ? [] : $alarm->suspects,
            ),
            'byEye' => array_map($names, $proof->byEye()),
            'unweighed' => array_map($names, $proof->unweighed),
        ];
    }
}
