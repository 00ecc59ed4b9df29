<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Build\Action;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Wire;
use Chiralex\Part\LeadStyle;
use Chiralex\Polarity\Callout;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** What most likely went wrong at a step, before anybody has reported it: what is turned, exchanged, beside its hole, or badly soldered. */
final readonly class LikelyMistakes
{
    /** @return list<Reason> the cheapest look first; common practice, no source */
    public static function of(ManualStep $each, Kit $kit): array
    {
        $step = $each->step;
        $said = [];
        $turned = array_values(
            array_intersect(
                array_map(static fn(Callout $callout): string => $callout->designator, $each->callouts),
                $step->names(),
            ),
        );
        if ($turned !== []) {
            $said[] = ['mistake.turned', ['names' => $turned]];
        }
        foreach ($each->table->alike as [$these, $others]) {
            $said[] = ['mistake.swapped', ['these' => $these, 'others' => $others]];
        }
        if (count($each->wires) > 1) {
            $said[] = [
                'mistake.wires',
                ['names' => array_map(static fn(Wire $wire): string => $wire->name, $each->wires)],
            ];
        }
        if ($step->action === Action::Insert && $turned !== []) {
            $said[] = ['mistake.pin', []];
        }
        $wired = array_values(
            array_filter(
                $step->names(),
                static fn(string $name): bool => $kit->part($name)?->shape->outline->leads->style ===
                    LeadStyle::AxialWire,
            ),
        );
        if ($step->action === Action::Solder && $wired !== []) {
            $said[] = ['mistake.hole', ['names' => $wired]];
        }
        if ($step->work->joints > 0) {
            $said[] = ['mistake.joints', ['joints' => $step->work->joints]];
        }

        return array_map(static fn(array $one): Reason => new Reason($one[0], $one[1], Origin::CommonPractice), $said);
    }
}
