<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Build\BuildOrder;
use Chiralex\Kit\PilotEntry;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** What went wrong in a pilot build, until the maker says that it is dealt with. */
final readonly class SnagMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $matters = [];
        foreach ($subject->kit->logs->pilot as $entry) {
            if ($entry->snag !== '' && !$entry->settled) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Order,
                    'order.snag',
                    ['build' => $entry->build, 'step' => $this->step($entry, $subject), 'text' => $entry->snag],
                    $entry->names(),
                );
            }
        }

        return $matters;
    }

    /** The step that holds most of its parts today; what it was called then where none does. */
    private function step(PilotEntry $entry, Subject $subject): string
    {
        $best = '';
        $most = 0;
        foreach ($subject->order instanceof BuildOrder ? $subject->order->steps : [] as $step) {
            $shared = count(array_intersect($entry->names(), $step->names()));
            if ($step->action->value === $entry->action() && $shared > $most) {
                [$best, $most] = [(string) $step->number, $shared];
            }
        }

        return $best === '' ? $entry->step : $best;
    }
}
