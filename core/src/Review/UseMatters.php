<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Bom\Designators;
use Chiralex\Build\BuildOrder;
use Chiralex\Kit\KitPart;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Everything in the kit is used in a step, but for what is loose, spare, packing, or what the builder keeps on the table. */
final readonly class UseMatters implements MatterSource
{
    private const NEEDS_NONE = '~\bspares?\b|\bpacking\b|\bpackaging\b|ersatz|verpackung|rechange|emballage|repuesto|reserve~u';

    public function matters(Subject $subject): array
    {
        if (!($subject->order instanceof BuildOrder)) {
            return [];
        }
        $used = [];
        foreach ($subject->order->steps as $step) {
            $used += array_fill_keys([...$step->names(), ...$step->uses], true);
        }
        $matters = [];
        foreach ($subject->kit->parts as $part) {
            if (!isset($used[$part->designator]) && $this->wantsStep($part)) {
                $matters[] = new Matter(
                    MatterSeverity::Block,
                    Station::Order,
                    'order.no-step',
                    ['designator' => $this->called($part), 'what' => $this->what($part)],
                    [$part->designator],
                );
            }
        }

        return $matters;
    }

    private function wantsStep(KitPart $part): bool
    {
        $cells = $part->line->cells;
        $text = mb_strtolower("{$cells->value} {$cells->description} {$cells->note} {$part->notes->usedAt}");

        return $part->supply->isBuilt() &&
            !$part->recognition->needsAnswer() &&
            preg_match(self::NEEDS_NONE, $text) !== 1;
    }

    private function called(KitPart $part): string
    {
        return Designators::isNamed($part->designator) ? $part->designator : 'row ' . substr($part->designator, 1);
    }

    private function what(KitPart $part): string
    {
        return implode(
            ', ',
            array_filter(
                [$part->line->cells->value, $part->line->cells->description],
                static fn(string $text): bool => $text !== '',
            ),
        );
    }
}
