<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Bom\Provision;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Step;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Test;

/** Loose parts by the step that uses them: the maker names a gate, a test, a wire, a part, a panel or a board. */
final readonly class LooseParts
{
    /** @return array<int, list<string>> step number to designators */
    public function of(Kit $kit, BuildOrder $order): array
    {
        $used = [];
        foreach ($kit->parts as $part) {
            if ($part->supply !== Provision::Loose || $part->notes->usedAt === '') {
                continue;
            }
            foreach ($order->steps as $step) {
                if ($this->names($kit, $step, mb_strtolower($part->notes->usedAt))) {
                    $used[$step->number][] = $part->designator;
                    break;
                }
            }
        }

        return $used;
    }

    private function names(Kit $kit, Step $step, string $wanted): bool
    {
        $names = [...$step->names(), $step->what, $step->gate->name ?? ''];
        $names = [...$names, ...array_map(static fn(Test $test): string => $test->name, TestSteps::at($kit, $step))];

        return in_array($wanted, array_map(mb_strtolower(...), $names), true);
    }
}
