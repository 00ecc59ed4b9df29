<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Report\Intake\TakeFile;
use App\Models\Intake;
use App\Support\FileStore;
use Chiralex\Table\Exception\UnreadableTable;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/** Takes a file of letters in and tells how far it is; begun again after a kill it takes nothing twice. */
final class TakeReports implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 3;
    public int $timeout = 150;

    public function __construct(private readonly int $intakeId) {}

    public function handle(TakeFile $take, FileStore $store): void
    {
        $intake = Intake::query()->find($this->intakeId);
        if ($intake === null || $intake->status === 'done') {
            return;
        }
        $reached = static function (int $percent) use ($intake): void {
            if ($percent > $intake->progress) {
                $intake->update(['status' => 'running', 'progress' => $percent]);
            }
        };
        try {
            $taken = $take($intake->name, $store->get($intake->sha256), $intake->user_id, $reached);
            $intake->update(['status' => 'done', 'progress' => 100] + $taken);
        } catch (UnreadableTable $why) {
            $intake->update([
                'status' => 'failed',
                'fault' => mb_substr(
                    "{$why->getMessage()} What can be taken: a mail (.eml), a mailbox (mbox), a table or JSON lines with the column text, the block of the builder's page.",
                    0,
                    500,
                ),
            ]);
        }
    }

    public function failed(?Throwable $fault): void
    {
        Intake::query()
            ->where('id', $this->intakeId)
            ->update([
                'status' => 'failed',
                'fault' =>
                    'It could not be taken in whole. What was taken stays; give the same file again, nothing is taken twice. If it stays so, look into var/log/worker.log.',
            ]);
    }
}
