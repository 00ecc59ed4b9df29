<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Queries\Page;
use App\Support\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Letters: those of a report as its thread, and those that stand apart. */
final readonly class Letters
{
    private const SHOWN = 600;

    /** @return array{letters: list<array<string, mixed>>, page: int, pages: int, total: int} newest first */
    public function apart(Page $page): array
    {
        $query = self::query()->where('letters.kind', '<>', 'letter')->whereNull('report_letters.report_id');
        $total = (clone $query)->count();

        return [
            'letters' => array_map(
                static fn(Row $row): array => self::shape($row, self::SHOWN),
                Row::all($page->cut($query->orderByDesc('letters.id'))),
            ),
        ] + $page->told($total);
    }

    /** How many stand apart. */
    public function countApart(): int
    {
        return self::query()->where('letters.kind', '<>', 'letter')->whereNull('report_letters.report_id')->count();
    }

    /** @return list<array<string, mixed>> letters of a report, the oldest first; one that came back too */
    public function of(int $reportId): array
    {
        return array_map(
            static fn(Row $row): array => self::shape($row, PHP_INT_MAX),
            Row::all(
                self::query()
                    ->where(
                        static fn(Builder $either): Builder => $either
                            ->where('report_letters.report_id', $reportId)
                            ->orWhereIn(
                                'letters.mail_id',
                                DB::table('mails')->where('report_id', $reportId)->select('id'),
                            ),
                    )
                    ->orderBy('letters.written_at')
                    ->orderBy('letters.id'),
            ),
        );
    }

    /** @return ?string hash of the bytes as they came; null where they were erased */
    public function raw(int $letterId): ?string
    {
        $hash = DB::table('letter_raws')->where('letter_id', $letterId)->value('sha256');

        return is_string($hash) ? trim($hash) : null;
    }

    private static function query(): Builder
    {
        return DB::table('letters')
            ->leftJoin('report_letters', 'report_letters.letter_id', '=', 'letters.id')
            ->leftJoin('letter_raws', 'letter_raws.letter_id', '=', 'letters.id')
            ->leftJoin('customers', 'customers.id', '=', 'letters.customer_id')
            ->leftJoin('mails', 'mails.id', '=', 'letters.mail_id')
            ->select([
                'letters.*',
                'report_letters.follows',
                'letter_raws.sha256 as raw',
                'customers.name as customer',
                'mails.report_id as came_back_of',
            ]);
    }

    /** @return array<string, mixed> */
    private static function shape(Row $row, int $longest): array
    {
        return [
            'id' => $row->int('id'),
            'at' => $row->time('written_at')->toIso8601String(),
            'source' => $row->text('source'),
            'kind' => $row->text('kind'),
            'subject' => $row->text('subject'),
            'text' => mb_substr($row->text('text'), 0, $longest),
            'folded' => mb_substr($row->text('folded'), 0, $longest),
            'flags' => json_decode($row->text('flags'), true),
            'from' => $row->textOrNull('customer'),
            'hasRaw' => $row->has('raw'),
            'cameBackOf' => $row->intOrNull('came_back_of'),
        ];
    }
}
