<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Queries\Report\PartWords;
use App\Support\Row;
use Chiralex\Fault\Likeness\Likeness;
use Chiralex\Fault\Likeness\NoticedWords;
use Chiralex\Fault\Likeness\WrittenReport;
use Illuminate\Support\Facades\DB;

/**
 * Lays each new report to the matter it is of, kit by kit: the matter that most of its like are in, else one of its own. What was laid
 * stays where it is, so that a stack never changes under the hand of who answers it.
 */
final readonly class SortIntoMatters
{
    /** Reports of a kit that a new one is compared with, the newest. */
    private const COMPARED = 500;
    private const AT_ONCE = 500;

    public function __construct(private PartWords $words) {}

    public function __invoke(): void
    {
        do {
            $new = Row::all(
                DB::table('report_states')
                    ->leftJoin('report_matters', 'report_matters.report_id', '=', 'report_states.report_id')
                    ->whereNull('report_matters.report_id')
                    ->orderBy('report_states.report_id')
                    ->limit(self::AT_ONCE)
                    ->select(['report_states.report_id', 'report_states.kit_id']),
            );
            $kits = [];
            foreach ($new as $row) {
                $kits[$row->intOrNull('kit_id') ?? 0][] = $row->int('report_id');
            }
            foreach ($kits as $kit => $reports) {
                $this->sort($kit === 0 ? null : $kit, $reports);
            }
        } while (count($new) === self::AT_ONCE);
    }

    /** @param non-empty-list<int> $new */
    private function sort(?int $kit, array $new): void
    {
        $rows = Row::all(
            DB::table('reports')
                ->join('report_states', 'report_states.report_id', '=', 'reports.id')
                ->leftJoin('report_matters', 'report_matters.report_id', '=', 'reports.id')
                ->where('report_states.kit_id', $kit)
                ->where('reports.id', '<=', max($new))
                ->orderByDesc('reports.id')
                ->limit(self::COMPARED + count($new))
                ->select(['reports.id', 'text', 'reports.symptom', 'step_number', 'matter_id']),
        );
        $written = array_map(
            static fn(Row $row): WrittenReport => new WrittenReport(
                'kit',
                $row->text('text'),
                $row->text('symptom'),
                $row->intOrNull('step_number'),
            ),
            $rows,
        );
        $parts = $kit === null ? [] : $this->words->of($kit);
        $matters = Likeness::of($written, ['kit' => $parts])->matters();
        foreach ($matters as $matter) {
            $this->lay(array_map(static fn(int $at): Row => $rows[$at], $matter), $new, $parts);
        }
    }

    /**
     * @param list<Row> $matter
     * @param list<int> $new
     * @param array<string, string> $parts
     */
    private function lay(array $matter, array $new, array $parts): void
    {
        $votes = array_count_values(
            array_filter(array_map(static fn(Row $row): ?int => $row->intOrNull('matter_id'), $matter), is_int(...)),
        );
        arsort($votes);
        $ids = array_map(static fn(Row $row): int => $row->int('id'), $matter);
        $of = array_key_first($votes) ?? min([...array_intersect($ids, $new), PHP_INT_MAX]);
        foreach ($matter as $row) {
            if (in_array($row->int('id'), $new, true)) {
                $named = NoticedWords::of($row->text('text'), $parts)->parts;
                DB::table('report_matters')->insertOrIgnore([
                    'report_id' => $row->int('id'),
                    'matter_id' => $of,
                    'place' => count($named) === 1 ? mb_substr($named[0], 0, 40) : '',
                ]);
            }
        }
    }
}
