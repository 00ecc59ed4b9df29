<?php

declare(strict_types=1);

namespace Chiralex\Manual\Internal;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\Alloy;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Workholding;
use Chiralex\Part\Hold;
use Chiralex\Part\Kind;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** What the builder needs on the table; common practice, each with what asks for it. */
final readonly class ToolList
{
    /** @return list<Reason> */
    public function of(Kit $kit, BuildOrder $order): array
    {
        $holds = [];
        foreach ($order->steps as $step) {
            foreach ($step->parts as $part) {
                $holds[$part->hold->value] = true;
            }
        }
        $kinds = array_flip(array_map(static fn(KitPart $part): string => $part->kind()->value, $kit->parts));
        $has = static fn(Kind ...$any): bool => array_filter(
            $any,
            static fn(Kind $kind): bool => isset($kinds[$kind->value]),
        ) !== [];
        $codes = array_filter([
            $kit->choices->settings->bench->alloy === Alloy::Leaded ? 'tool.iron-leaded' : 'tool.iron-lead-free',
            $kit->choices->settings->bench->alloy === Alloy::Leaded ? 'tool.solder-leaded' : 'tool.solder-lead-free',
            'tool.cutters',
            'tool.pliers',
            'tool.eyes',
            'tool.air',
            'tool.wick',
            $kit->choices->settings->bench->workholding === Workholding::Table ? null : 'tool.holder',
            isset($holds[Hold::Tape->value]) ? 'tool.tape' : null,
            isset($holds[Hold::Putty->value]) ? 'tool.putty' : null,
            $kit->work->tests !== [] || $kit->work->gates !== [] ? 'tool.meter' : null,
            LookAlikes::of($kit)->any() ? 'tool.magnifier' : null,
            $kit->work->wires !== [] || $has(Kind::Wire, Kind::Cable) ? 'tool.stripper' : null,
            $has(Kind::Screw, Kind::TerminalBlock) ? 'tool.screwdriver' : null,
            $has(Kind::Nut) || $kit->work->groups->panels !== [] ? 'tool.nut-driver' : null,
            $has(Kind::Trimmer) ? 'tool.trimming' : null,
            $kit->work->groups->assembly->snapOffs !== [] ? 'tool.file' : null,
        ]);

        return array_map(
            static fn(string $code): Reason => new Reason($code, [], Origin::CommonPractice),
            array_values($codes),
        );
    }
}
