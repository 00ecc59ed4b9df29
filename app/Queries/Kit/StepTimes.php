<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Models\Revision;
use App\Queries\Report\KitFaq;
use App\Support\Row;
use Chiralex\Build\BuilderTimes;
use Illuminate\Support\Facades\DB;

/** How long builders of a kit took for each step of a revision, and where they stopped. Steps that are the same in an older revision count. */
final readonly class StepTimes
{
    /** Days without a tick after which a builder has stopped; common practice, no source. */
    private const RESTS = 14;

    public function __construct(private KitFaq $places) {}

    /** @return array{builders: int, steps: list<array{number: int, key: string, builders: int, median: ?float, low: ?float, high: ?float, stopped: int}>} */
    public function of(Revision $revision): array
    {
        $steps = $this->places->steps($revision);
        $builders = [];
        $rests = now()->subDays(self::RESTS);
        foreach (
            Row::all(
                DB::table('unit_ticks')
                    ->join('units', 'units.id', '=', 'unit_id')
                    ->join('releases', 'releases.id', '=', 'release_id')
                    ->join('revisions', 'revisions.id', '=', 'revision_id')
                    ->where('kit_id', $revision->kit_id)
                    ->orderBy('unit_ticks.id')
                    ->select(['unit_id', 'step', 'done', 'minutes', 'unit_ticks.created_at as at']),
            ) as $row
        ) {
            $unit = $row->int('unit_id');
            $ticked = $builders[$unit]['ticked'] ?? [];
            if ($row->flag('done')) {
                $told = $row->textOrNull('minutes');
                $ticked[$row->text('step')] = $told === null ? null : (float) $told;
            } else {
                unset($ticked[$row->text('step')]);
            }
            $builders[$unit] = ['ticked' => $ticked, 'rests' => $row->time('at')->lessThan($rests)];
        }
        $times = BuilderTimes::of(array_column($steps, 'key'), $builders);

        return [
            'builders' => count($builders),
            'steps' => array_map(
                static fn(BuilderTimes $each, array $step): array => [
                    'number' => $step['number'],
                    'key' => $each->step,
                    'builders' => $each->builders,
                    'median' => $each->median === null ? null : round($each->median, 1),
                    'low' => $each->low === null ? null : round($each->low, 1),
                    'high' => $each->high === null ? null : round($each->high, 1),
                    'stopped' => $each->stopped,
                ],
                $times,
                $steps,
            ),
        ];
    }
}
