<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Support\Row;
use Illuminate\Support\Facades\DB;

/** What came with a report: its photographs, and other files. */
final readonly class ReportFiles
{
    /** @return list<array{id: int, name: string, photo: bool, bytes: int}> */
    public function of(int $reportId): array
    {
        return array_map(
            static fn(Row $row): array => [
                'id' => $row->int('id'),
                'name' => $row->text('name'),
                'photo' => $row->flag('is_photo'),
                'bytes' => $row->int('bytes'),
            ],
            Row::all(DB::table('report_files')->where('report_id', $reportId)->orderBy('id')),
        );
    }

    /** @return ?array{name: string, photo: bool, sha256: string} */
    public function one(int $reportId, int $fileId): ?array
    {
        $row = Row::first(DB::table('report_files')->where('report_id', $reportId)->where('id', $fileId));

        return $row === null
            ? null
            : ['name' => $row->text('name'), 'photo' => $row->flag('is_photo'), 'sha256' => trim($row->text('sha256'))];
    }
}
