<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Build\Action;
use Chiralex\Build\StepPart;
use Chiralex\Kit\Kit;
use Chiralex\Kit\ScrewEnds;
use Chiralex\Part\Hold;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** What a step takes in the hand beside the iron; common practice, no source. */
final readonly class StepTools
{
    /** @return list<Reason> */
    public static function of(ManualStep $each, Kit $kit): array
    {
        $step = $each->step;
        $holds = array_map(static fn(StepPart $part): Hold => $part->hold, $step->parts);
        $held = static fn(Hold ...$any): bool => array_uintersect(
            $holds,
            $any,
            static fn(Hold $a, Hold $b): int => $a->value <=> $b->value,
        ) !== [];
        $solders = $step->action === Action::Solder;
        $tools = array_filter([
            'hand.stripper' => $each->wires !== [],
            'hand.pliers' => $solders && $held(Hold::Bend),
            'hand.cutters' => $each->wires !== [] || ($solders && $held(Hold::Bend, Hold::Splay)),
            'hand.tape' => $held(Hold::Tape),
            'hand.putty' => $held(Hold::Putty),
            'hand.screwdriver' => $step->action === Action::Bolt || ScrewEnds::of($each->wires, $kit) !== [],
            'hand.nut-driver' => $step->action === Action::Nuts,
            'hand.trimming' => $step->action === Action::Adjust,
            'hand.meter' => $each->tests !== [] || ($step->gate !== null && $step->gate->expect !== ''),
            'hand.file' => $step->action === Action::Snap,
        ]);

        return array_map(
            static fn(string $code): Reason => new Reason($code, [], Origin::CommonPractice),
            array_keys($tools),
        );
    }
}
