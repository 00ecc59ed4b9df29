<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\Precedence;
use Chiralex\Build\Score;
use Chiralex\Build\Step;
use Chiralex\Kit\Kit;

/** Completes the score of the soldering steps by what the other steps add: inserted ICs, turns of the board, their own count. */
final readonly class WholeScore
{
    public function __construct(private Kit $kit, private Precedence $precedence) {}

    /** @param list<Step> $steps */
    public function of(Score $soldering, array $steps): Score
    {
        return new Score(
            $soldering->violations,
            $soldering->inversions + $this->insertInversions($steps),
            $soldering->lookAlikes,
            $soldering->hanging,
            $this->flips($steps),
            $soldering->blockSwitches,
            $soldering->kindSwitches,
            $soldering->valueSwitches,
            count($steps),
        );
    }

    /**
     * Pairs of an inserted and a soldered part of one side, the earlier taller, that no chain of rules forces.
     *
     * @param list<Step> $steps
     */
    private function insertInversions(array $steps): int
    {
        $count = 0;
        foreach ($steps as $at => $insert) {
            foreach (
                $insert->action === Action::Insert && $insert->face?->board !== null ? $insert->names() : [] as $ic
            ) {
                $height = $this->kit->part($ic)->shape->height ?? 0.0;
                $after = $this->precedence->reachable("insert {$ic}");
                foreach ($steps as $index => $step) {
                    if (
                        $step->action !== Action::Solder ||
                        $step->face?->board !== $insert->face?->board ||
                        $step->face?->side !== $insert->face?->side
                    ) {
                        continue;
                    }
                    foreach ($step->names() as $name) {
                        $other = $this->kit->part($name)->shape->height ?? 0.0;
                        $count += match (true) {
                            $index < $at => $other > $height + Costs::INVERSION + 1e-9 &&
                            !isset($this->precedence->reachable("solder {$name}")["insert {$ic}"])
                                ? 1
                                : 0,
                            default => $height > $other + Costs::INVERSION + 1e-9 && !isset($after["solder {$name}"])
                                ? 1
                                : 0,
                        };
                    }
                }
            }
        }

        return $count;
    }

    /**
     * Neighbouring steps of one board on different sides; steps without a side are passed over.
     *
     * @param list<Step> $steps
     */
    private function flips(array $steps): int
    {
        $flips = 0;
        $last = [];
        foreach ($steps as $step) {
            if ($step->face === null || $step->gate !== null) {
                continue;
            }
            $side = $step->face->side;
            $flips += ($last[$step->face->board] ?? $side) === $side ? 0 : 1;
            $last[$step->face->board] = $side;
        }

        return $flips;
    }
}
