<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Bom\Designators;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** One kit is packed and built from the printed list before the second: only that finds what the list forgot. */
final readonly class FirstKitMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $first = $subject->kit->logs->first;
        $matters = [];
        foreach ($first->off as $name => $pieces) {
            $part = $subject->kit->part((string) $name);
            $matters[] = new Matter(
                MatterSeverity::Warn,
                Station::Bags,
                $pieces > 0 ? 'kit.first-over' : 'kit.first-missing',
                [
                    'part' => Designators::isNamed((string) $name)
                        ? (string) $name
                        : $part->line->cells->value ?? (string) $name,
                    'pieces' => abs($pieces),
                ],
                $part === null ? [] : [(string) $name],
            );
        }
        // Asked once somebody has begun to build.
        if (!$first->done && $subject->kit->logs->pilot !== []) {
            $matters[] = new Matter(MatterSeverity::Note, Station::Bags, 'kit.first-open');
        }

        return $matters;
    }
}
