<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Fault\Cause;
use Chiralex\Fault\Data\Odds;
use Chiralex\Fault\Diagnosis\FaultModel;
use Chiralex\Kit\PowerIn;

/** What may be wrong with a step's joints, with the supply, with nothing but the moment. */
final readonly class OtherSuspects
{
    public const WEAK = 'supply weak';

    public function __construct(private Bench $bench) {}

    /** @return list<Draft> */
    public function all(): array
    {
        return [
            ...$this->joints(),
            ...$this->supply(),
            ...$this->bench->until === null
                ? []
                : [new Draft(FaultModel::NOT_YET, Cause::None, [], Odds::NOT_YET, $this->bench->until)],
        ];
    }

    /** @return list<Draft> */
    private function joints(): array
    {
        $drafts = [];
        foreach ($this->bench->soldered() as $step) {
            $sits = $this->bench->joints($step);
            foreach (
                [['dry joint', Cause::DryJoint, Odds::DRY_JOINT], ['bridge', Cause::Bridge, Odds::BRIDGE]] as [$name, $class, $odds]
            ) {
                $drafts[] = new Draft(
                    "{$name} in step {$step->number}",
                    $class,
                    $step->names(),
                    $odds * $step->work->joints,
                    $step->number,
                    $sits,
                );
            }
        }

        return $drafts;
    }

    /** @return list<Draft> */
    private function supply(): array
    {
        $way = PowerIn::of($this->bench->kit);
        $power = $this->bench->kit->nature->power;
        if ($way->parts === [] && $power === null) {
            return [];
        }
        $drafts = [new Draft(self::WEAK, Cause::Supply, $way->parts, Odds::SUPPLY_WEAK)];
        if ($power?->alternating !== true) {
            $drafts[] = new Draft('supply reversed', Cause::Supply, $way->parts, Odds::SUPPLY_REVERSED);
        }

        return $drafts;
    }
}
