<?php

declare(strict_types=1);

namespace App\Queries\Stock;

use App\Casts\JudgedCauses;
use App\Models\Unit;
use App\Queries\Report\OurSerials;
use App\Support\Row;
use Chiralex\Trade\Whereabouts;
use Illuminate\Support\Facades\DB;

/**
 * The life of one kit as a line: its wires cut, packed, sold, built, reported, answered, until its cause stands in the FAQ.
 *
 * @phpstan-type Event array{at: string, kind: string, what: string, to: ?string}
 */
final readonly class SerialLife
{
    /** Kits that are shown as waiting. */
    private const WAITING = 60;
    private const WORDS = [
        'packed' => 'packed',
        'unpacked' => 'taken apart',
        'opened' => 'taken out of its class pack',
        'allocated' => 'set aside',
        'freed' => 'free again',
        'held' => 'held back',
        'shipped' => 'shipped',
        'returned' => 'came back',
        'scrapped' => 'scrapped',
    ];

    public function __construct(private OurSerials $serials) {}

    /** @return array{life: ?array<string, mixed>, near: list<string>, waiting: list<array{serial: string, entry: string}>} */
    public function of(string $typed): array
    {
        $unit = $this->serials->unit($typed);

        return [
            'life' => $unit === null ? null : $this->life($unit),
            'near' => $this->serials->near($typed),
            'waiting' => $this->waiting(),
        ];
    }

    /** @return list<array{serial: string, entry: string}> kits that came back or are held, until somebody looks them through; the oldest first */
    private function waiting(): array
    {
        return array_map(
            static fn(Row $row): array => ['serial' => $row->text('serial'), 'entry' => $row->text('entry')],
            Row::all(
                DB::table('unit_states')
                    ->join('units', 'units.id', '=', 'unit_id')
                    ->whereIn('entry', [Whereabouts::Returned->value, Whereabouts::Held->value])
                    ->orderBy('at')
                    ->limit(self::WAITING)
                    ->select(['serial', 'entry']),
            ),
        );
    }

    /** @return array<string, mixed> */
    private function life(Unit $unit): array
    {
        $revision = $unit->release->revision;
        $moves = $this->moves($unit);
        $state = Row::first(
            DB::table('unit_states')
                ->leftJoin('orders', 'orders.id', '=', 'unit_states.order_id')
                ->leftJoin('customers', 'customers.id', '=', 'orders.customer_id')
                ->where('unit_id', $unit->id)
                ->select(['entry', 'sealed', 'orders.id', 'orders.number', 'customers.name', 'erased_at']),
        );
        $now = $state === null ? null : Whereabouts::from($state->text('entry'));
        $events = [
            [
                'at' => $unit->run->created_at->toIso8601String(),
                'kind' => 'run',
                'what' => "run {$unit->run_id} began",
                'to' => null,
            ],
            ...$this->cuts($unit),
            ...$moves,
            ...$this->building($unit),
            ...$this->reports($unit, $revision->kit_id),
        ];
        usort($events, static fn(array $a, array $b): int => $a['at'] <=> $b['at']);

        return [
            'unitId' => $unit->id,
            'serial' => $unit->serial,
            'kitId' => $revision->kit_id,
            'kit' => $revision->kit->name,
            'revisionId' => $revision->id,
            'revision' => $revision->name,
            'run' => $unit->run_id,
            'options' => $unit->run->options,
            'sealed' => $state !== null && $state->flag('sealed'),
            'entry' => $now?->value,
            'order' => $state?->textOrNull('number'),
            'customer' =>
                $state === null || !$state->has('name')
                    ? null
                    : ($state->has('erased_at')
                        ? 'erased'
                        : $state->text('name')),
            'may' => array_values(
                array_map(
                    static fn(Whereabouts $next): string => $next->value,
                    array_filter(
                        Whereabouts::cases(),
                        static fn(Whereabouts $next): bool => $now?->mayBecomeByHand($next) ?? false,
                    ),
                ),
            ),
            'events' => $events,
            'lots' => $this->lots($unit),
        ];
    }

    /** @return list<Event> */
    private function moves(Unit $unit): array
    {
        return array_map(
            static fn(Row $row): array => [
                'at' => $row->time('created_at')->toIso8601String(),
                'kind' => $row->text('entry'),
                'what' =>
                    self::WORDS[$row->text('entry')] .
                    ($row->has('number') ? " for {$row->text('number')}" : '') .
                    ($row->text('note') === '' ? '' : ": {$row->text('note')}"),
                'to' => $row->has('number') ? '/sales?view=orders' : null,
            ],
            Row::all(
                DB::table('unit_moves')
                    ->leftJoin('orders', 'orders.id', '=', 'order_id')
                    ->where('unit_id', $unit->id)
                    ->orderBy('sequence')
                    ->selectRaw('entry, orders.number, note, unit_moves.created_at'),
            ),
        );
    }

    /** @return list<Event> when its wires and sleeves were cut */
    private function cuts(Unit $unit): array
    {
        $row = Row::first(
            DB::table('lot_moves')
                ->join('lots', 'lots.id', '=', 'lot_id')
                ->join('stock_parts', 'stock_parts.id', '=', 'stock_part_id')
                ->where('run_id', $unit->run_id)
                ->where('pack', $unit->pack)
                ->where('stock_parts.unit', 'mm')
                ->selectRaw('min(lot_moves.created_at) as at, count(distinct stock_part_id) as n'),
        );

        return $row === null || !$row->has('at')
            ? []
            : [
                [
                    'at' => $row->time('at')->toIso8601String(),
                    'kind' => 'cut',
                    'what' => 'wire cut and bagged',
                    'to' => null,
                ],
            ];
    }

    /** @return list<Event> the first and the last step that its builder ticked */
    private function building(Unit $unit): array
    {
        $row = Row::first(
            DB::table('unit_ticks')
                ->where('unit_id', $unit->id)
                ->where('done', true)
                ->selectRaw('min(created_at) as first, max(created_at) as last, count(distinct step) as steps'),
        );
        if ($row === null || !$row->has('first')) {
            return [];
        }
        $steps = $row->int('steps');
        $events = [
            [
                'at' => $row->time('first')->toIso8601String(),
                'kind' => 'built',
                'what' => 'first step ticked',
                'to' => null,
            ],
        ];
        if ($steps > 1) {
            $events[] = [
                'at' => $row->time('last')->toIso8601String(),
                'kind' => 'built',
                'what' => "{$steps} steps ticked",
                'to' => null,
            ];
        }

        return $events;
    }

    /** @return list<Event> */
    private function reports(Unit $unit, int $kitId): array
    {
        $events = [];
        foreach (
            Row::all(
                DB::table('reports')
                    ->leftJoin('report_states', 'report_states.report_id', '=', 'reports.id')
                    ->where('unit_id', $unit->id)
                    ->orderBy('reports.id')
                    ->selectRaw(
                        'reports.id, reports.created_at, reports.text, causes, report_states.symptom, judged, at',
                    ),
            ) as $row
        ) {
            $to = "/reports?open={$row->int('id')}";
            $events[] = [
                'at' => $row->time('created_at')->toIso8601String(),
                'kind' => 'report',
                'what' =>
                    'reported: ' . mb_strimwidth((string) preg_replace('~\s+~u', ' ', $row->text('text')), 0, 90, '…'),
                'to' => $to,
            ];
            foreach (
                Row::all(
                    DB::table('report_answers')
                        ->where('report_id', $row->int('id'))
                        ->orderBy('id')
                        ->select(['created_at']),
                ) as $answer
            ) {
                $events[] = [
                    'at' => $answer->time('created_at')->toIso8601String(),
                    'kind' => 'answer',
                    'what' => 'answered',
                    'to' => $to,
                ];
            }
            $entry = $row->has('symptom') ? $this->faq($row, $kitId) : null;
            if ($entry !== null) {
                $events[] = [
                    'at' => $row->time('at')->toIso8601String(),
                    'kind' => 'faq',
                    'what' => "stands in the FAQ: {$entry}",
                    'to' => "/kits/{$unit->release->revision_id}/faults",
                ];
            }
        }

        return $events;
    }

    /** The question under which the cause of a report stands in the FAQ. */
    private function faq(Row $report, int $kitId): ?string
    {
        foreach ($report->has('causes') ? JudgedCauses::read($report->text('causes')) : [] as $cause) {
            $found = Row::first(
                DB::table('faq_entries')
                    ->where('kit_id', $kitId)
                    ->where('published', true)
                    ->where('symptom', $report->text('symptom'))
                    ->where('cause', $cause->cause->value)
                    ->whereIn('part', [$cause->part, ''])
                    ->orderByDesc('part')
                    ->select('question'),
            );
            if ($found !== null) {
                return $found->text('question');
            }
        }

        return null;
    }

    /** @return list<array{title: string, lot: string, supplier: string, sure: bool}> lots whose pieces it holds */
    private function lots(Unit $unit): array
    {
        return array_map(
            static fn(Row $row): array => [
                'title' => $row->text('title'),
                'lot' => $row->text('name'),
                'supplier' => $row->textOrNull('supplier') ?? '',
                'sure' => $row->flag('sure'),
            ],
            Row::all(
                DB::table('lot_moves')
                    ->join('lots', 'lots.id', '=', 'lot_id')
                    ->join('stock_parts', 'stock_parts.id', '=', 'stock_part_id')
                    ->where('run_id', $unit->run_id)
                    ->where('pack', $unit->pack)
                    // Pieces of which nobody noted the lot.
                    ->where('lots.name', '<>', '')
                    ->groupBy('lots.id', 'lots.name', 'stock_parts.title')
                    ->havingRaw('sum(quantity) < 0')
                    ->orderByRaw('lower(stock_parts.title), lots.name')
                    ->selectRaw(
                        "stock_parts.title, lots.name, bool_and(cardinality(beside) = 0) as sure,
                        (select supplier from lot_moves came where came.lot_id = lots.id and came.entry = 'received'
                            order by id limit 1) as supplier",
                    ),
            ),
        );
    }
}
