<?php

declare(strict_types=1);

namespace App\Actions\Export;

use App\Jobs\MakeExport;
use App\Models\Export;
use Illuminate\Support\Facades\DB;

/** Puts something to print into the queue, once for each operation. */
final readonly class RequestExport
{
    /**
     * @param int $subject id of the revision, the run or the order
     * @param string $piece which label of it, where one is printed
     */
    public function __invoke(
        ExportKind $kind,
        int $subject,
        string $paper,
        string $operationId,
        ?int $userId,
        string $options = '',
        int $kits = 1,
        string $piece = '',
    ): Export {
        DB::table('exports')->insertOrIgnore([
            'operation_id' => $operationId,
            'kind' => $kind->value,
            'subject' => $subject,
            'paper' => $paper,
            'options' => $options,
            'kits' => $kits,
            'piece' => $piece,
            'status' => 'queued',
            'user_id' => $userId,
            'created_at' => now(),
            'updated_at' => now(),
        ]);
        $export = Export::query()->where('operation_id', $operationId)->firstOrFail();
        if ($export->status === 'queued') {
            MakeExport::dispatch($export->id)->onQueue('first');
        }

        return $export->refresh();
    }
}
