<?php

declare(strict_types=1);

namespace App\Actions\Builder;

use App\Models\Unit;
use App\Support\Row;
use Illuminate\Support\Facades\DB;

/** The steps a builder has ticked off, kept as a log under the kit's own token; the last word on a step counts. */
final readonly class Ticks
{
    /** @param list<array{operationId: string, step: string, done: bool, minutes: ?float}> $ticks in the order they were made; minutes where the builder lets them be counted */
    public function add(Unit $unit, array $ticks): void
    {
        DB::transaction(static function () use ($unit, $ticks): void {
            foreach ($ticks as $tick) {
                DB::table('unit_ticks')->insertOrIgnore([
                    'unit_id' => $unit->id,
                    'operation_id' => strtolower($tick['operationId']),
                    'step' => $tick['step'],
                    'done' => $tick['done'],
                    'minutes' => $tick['done'] ? $tick['minutes'] : null,
                    'created_at' => now(),
                ]);
            }
        });
    }

    /** @return list<string> keys of the steps that are done */
    public function done(Unit $unit): array
    {
        $last = [];
        foreach (Row::all(DB::table('unit_ticks')->where('unit_id', $unit->id)->orderBy('id')) as $row) {
            $last[$row->text('step')] = $row->flag('done');
        }

        return array_map(strval(...), array_keys(array_filter($last)));
    }
}
