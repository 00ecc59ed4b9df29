<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Bom\Provision;
use Chiralex\Build\BuildOrder;
use Chiralex\Manual\LooseParts;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** A loose part is in the kit but on no board: some step has to name it, or the builder wonders where it goes. */
final readonly class LooseMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        if (!($subject->order instanceof BuildOrder)) {
            return [];
        }
        $used = array_merge(...array_values((new LooseParts())->of($subject->kit, $subject->order)), ...[[]]);
        $matters = [];
        foreach ($subject->kit->parts as $part) {
            if ($part->supply === Provision::Loose && !in_array($part->designator, $used, true)) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Manual,
                    'manual.loose-nowhere',
                    [
                        'designator' => $part->designator,
                        'what' => $part->line->cells->value,
                        'usedAt' => $part->notes->usedAt,
                    ],
                    [$part->designator],
                );
            }
        }

        return $matters;
    }
}
