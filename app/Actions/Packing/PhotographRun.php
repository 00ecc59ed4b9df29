<?php

declare(strict_types=1);

namespace App\Actions\Packing;

use App\Actions\Report\KeepPhoto;
use App\Actions\Report\UnusablePhoto;
use App\Models\Run;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Keeps the photograph of a run's first packed kit. */
final readonly class PhotographRun
{
    public function __construct(private KeepPhoto $keep) {}

    /** @throws UnusablePhoto when it is no picture */
    public function __invoke(Run $run, string $bytes, ?int $userId): void
    {
        $photo = ($this->keep)($bytes);
        DB::transaction(static function () use ($run, $photo, $userId): void {
            DB::table('run_photos')->insert([
                'run_id' => $run->id,
                'photo' => $photo,
                'user_id' => $userId,
                'created_at' => now(),
            ]);
            Audit::record($userId, 'run.photo', null, ['run' => $run->id, 'photo' => $photo]);
        });
    }
}
