<?php

declare(strict_types=1);

namespace App\Queries\Buying;

use App\Models\Kit;
use Chiralex\Supply\Plank;

/** How far each part of a kit reaches, in kits, the shortest first. */
final readonly class KitPlanks
{
    public function __construct(private KitNeeds $needs) {}

    /** @return array<string, mixed> */
    public function of(int $kitId): array
    {
        $revision = $this->needs->revision($kitId);
        $needs = array_column($this->needs->of($revision), null, 'part');
        $planks = (new PartsBalance())->planks($needs);

        return [
            'kitId' => $kitId,
            'kit' => Kit::query()->findOrFail($kitId)->name,
            'revisionId' => $revision->id,
            'revision' => $revision->name,
            'waterline' => $planks->waterline(),
            'later' => $planks->laterWaterline(),
            'planks' => array_map(
                static fn(Plank $plank): array => [
                    'part' => $plank->key,
                    'title' => $needs[$plank->key]['title'],
                    'designators' => $needs[$plank->key]['designators'],
                    'unit' => $needs[$plank->key]['unit'],
                    'perKit' => $needs[$plank->key]['pieces'],
                    'onHand' => $plank->onHand->toFloat(),
                    'promised' => $plank->promised->toFloat(),
                    'onOrder' => $plank->onOrder->toFloat(),
                    'kits' => $plank->kits(),
                    'onHandKits' => $plank->onHandKits(),
                    'laterKits' => $plank->laterKits(),
                ],
                $planks->planks,
            ),
        ];
    }
}
