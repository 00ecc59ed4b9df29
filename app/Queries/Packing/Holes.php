<?php

declare(strict_types=1);

namespace App\Queries\Packing;

use App\Models\Run;
use App\Support\Row;
use Chiralex\Supply\Completion;
use Chiralex\Trade\PackingRun;
use Illuminate\Support\Facades\DB;

/** Packs of a run that lack something, and which of them what is on hand completes. */
final readonly class Holes
{
    /** @return list<array{pack: int, lines: list<int>, canBeFilled: bool}> */
    public function of(Run $run, PackingRun $state): array
    {
        $holes = $state->holes();
        if ($holes === []) {
            return [];
        }
        $lacks = [];
        foreach ($holes as $lines) {
            $lack = [];
            foreach ($lines as $line) {
                [$part, $pieces] = $this->need($run, $line);
                $lack[$part] = ($lack[$part] ?? 0) + $pieces;
            }
            $lacks[] = $lack;
        }
        $filled = array_fill_keys(
            Completion::of($lacks, $this->left(array_map(strval(...), array_keys(array_merge(...$lacks)))))->kits,
            true,
        );

        return array_map(
            static fn(int $pack, array $lines, int $place): array => [
                'pack' => $pack,
                'lines' => $lines,
                'canBeFilled' => isset($filled[$place]),
            ],
            array_keys($holes),
            array_values($holes),
            array_keys(array_values($holes)),
        );
    }

    /** @return array{string, int<1, max>} part and pieces, or millimetres, of one pack */
    private function need(Run $run, int $line): array
    {
        /** @var array{part?: string, item: array{quantity: int, length: int|float|null}} $at */
        $at = $run->lines[$line];

        return [
            $at['part'] ?? "line {$line}",
            max(1, (int) ceil((float) ($at['item']['length'] ?? $at['item']['quantity']) * $run->kitsAtOnce())),
        ];
    }

    /**
     * @param list<string> $parts
     * @return array<string, int> part to what is on hand and not on hold
     */
    private function left(array $parts): array
    {
        $left = [];
        foreach (
            Row::all(
                DB::table('lot_states')
                    ->join('stock_parts', 'stock_parts.id', '=', 'stock_part_id')
                    ->whereIn('fingerprint', $parts)
                    ->where('held', false)
                    ->groupBy('fingerprint')
                    ->selectRaw('fingerprint, floor(sum(on_hand))::int as n'),
            ) as $row
        ) {
            $left[$row->text('fingerprint')] = max(0, $row->int('n'));
        }

        return $left;
    }
}
