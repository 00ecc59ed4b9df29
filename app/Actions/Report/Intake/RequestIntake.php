<?php

declare(strict_types=1);

namespace App\Actions\Report\Intake;

use App\Jobs\TakeReports;
use App\Models\Intake;
use App\Support\FileStore;

/** Hands a file of letters to the worker, once for each operation. */
final readonly class RequestIntake
{
    public function __construct(private FileStore $store) {}

    /** @throws IntakeRefusal when there is nothing in it */
    public function __invoke(string $name, string $bytes, ?int $userId, string $operationId): Intake
    {
        if (trim($bytes) === '') {
            throw IntakeRefusal::empty($name);
        }
        $intake = Intake::query()->createOrFirst(
            ['operation_id' => $operationId],
            ['name' => $name, 'sha256' => $this->store->put($bytes), 'user_id' => $userId],
        );
        if ($intake->wasRecentlyCreated) {
            TakeReports::dispatch($intake->id)->onQueue('first');
        }

        return $intake->refresh();
    }
}
