<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Part\Role;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Hardware counted by the stack: a standoff takes a fastener at either end, a nut and a washer each want a screw. */
final readonly class HardwareMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $counts = [];
        foreach ($subject->kit->findings->list->lines as $line) {
            $part = $subject->kit->part($line->designators[0] ?? '');
            if ($part === null || !$part->row->is(Role::Fastener) || !$part->supply->isBuilt()) {
                continue;
            }
            $thread =
                preg_match(
                    '~\bM(\d(?:[.,]\d)?)~i',
                    "{$line->cells->value} {$line->cells->description} {$line->cells->package}",
                    $found,
                ) === 1
                    ? 'M' . str_replace(',', '.', $found[1])
                    : '';
            $counts[$thread][$part->kind()->value] = ($counts[$thread][$part->kind()->value] ?? 0) + $line->quantity;
        }
        ksort($counts);
        $matters = [];
        foreach ($counts as $thread => $count) {
            $screws = $count['screw'] ?? 0;
            $nuts = $count['nut'] ?? 0;
            $standoffs = $count['standoff'] ?? 0;
            $washers = $count['washer'] ?? 0;
            $args = [
                'thread' => (string) $thread,
                'screws' => $screws,
                'nuts' => $nuts,
                'standoffs' => $standoffs,
                'washers' => $washers,
            ];
            if ($standoffs > 0 && $screws + $nuts < 2 * $standoffs) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Parts,
                    'parts.standoff-stack',
                    $args + ['needed' => 2 * $standoffs],
                );
            }
            if ($nuts > $screws + $standoffs) {
                $matters[] = new Matter(MatterSeverity::Warn, Station::Parts, 'parts.nuts-without-screws', $args);
            }
            if ($washers > 2 * ($screws + $nuts)) {
                $matters[] = new Matter(MatterSeverity::Warn, Station::Parts, 'parts.washers-without-screws', $args);
            }
        }

        return $matters;
    }
}
