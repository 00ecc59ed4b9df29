<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Actions\Kit\Derived;
use App\Actions\Kit\Documents;
use App\Models\Revision;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Kit\Kit;
use ChiralexRender\Svg\SkylineSvg;

/** Draws the skylines of a draft, all steps at once, kept with the other derived documents. */
final readonly class Skyline
{
    public function __construct(private KitFolder $folder, private Derived $derived) {}

    /** @return array{step: int, svg: ?string, edge: string} */
    public function at(Revision $revision, int $step, string $options = ''): array
    {
        $all = $this->derived->document(
            $revision,
            Documents::kept('skylines', $options),
            fn(): array => $this->all($this->folder->kit($revision, $options)),
        );
        $svg = $all["step {$step}"] ?? null;
        $edge = $all["edge {$step}"] ?? null;

        return ['step' => $step, 'svg' => is_string($svg) ? $svg : null, 'edge' => is_string($edge) ? $edge : 'front'];
    }

    /** @return array<string, string> */
    private function all(Kit $kit): array
    {
        $planned = (new Planner())->plan($kit);
        $order = $planned instanceof BuildCycle ? $planned->without : $planned;

        return $order === null ? [] : $this->drawings($kit, $order);
    }

    /** @return array<string, string> */
    private function drawings(Kit $kit, BuildOrder $order): array
    {
        $drawings = [];
        foreach ($order->steps as $step) {
            $svg = (new SkylineSvg($kit, $order))->step($step);
            if ($svg !== null && $step->work->lie !== null) {
                $drawings["step {$step->number}"] = $svg;
                $drawings["edge {$step->number}"] = SkylineSvg::alongTilt($step->work->lie) ? 'tilt' : 'front';
            }
        }

        return $drawings;
    }
}
