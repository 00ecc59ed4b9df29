<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\Precedence;
use Chiralex\Build\Score;
use Chiralex\Build\Step;
use Chiralex\Build\Verb;
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
            foreach ($insert->action === Action::Insert && $insert->face !== null ? $insert->names() : [] as $ic) {
                foreach ($steps as $index => $step) {
                    $here = $step->action === Action::Solder && $step->face?->key() === $insert->face?->key();
                    foreach ($here ? $step->names() : [] as $name) {
                        $count += $this->isInverted($ic, $name, $index < $at) ? 1 : 0;
                    }
                }
            }
        }

        return $count;
    }

    /** True where the higher of the two comes first though nothing asks for it. */
    private function isInverted(string $ic, string $part, bool $partFirst): bool
    {
        [$first, $then] = $partFirst ? [$part, $ic] : [$ic, $part];
        $task = static fn(string $name): string => ($name === $ic ? Verb::Insert : Verb::Solder)->of($name);
        $height = fn(string $name): float => $this->kit->part($name)->shape->height ?? 0.0;

        return $height($first) > $height($then) + Costs::INVERSION + 1e-9 &&
            !isset($this->precedence->reachable($task($first))[$task($then)]);
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
