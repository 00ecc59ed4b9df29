<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Revision;
use App\Models\User;
use App\Queries\Kit\EditHistory;
use Chiralex\ChiralexException;

/** Takes the newest edit back that is not taken back yet; the log only grows. */
final readonly class UndoEdit
{
    public function __construct(private EditRevision $edit, private EditLog $log) {}

    /**
     * @throws EditConflict
     * @throws NothingToUndo
     * @throws ChiralexException
     */
    public function __invoke(int $revisionId, User $user, string $operationId, int $seen): Revision
    {
        $last = EditHistory::of($revisionId)->back();
        if ($last === null) {
            throw NothingToUndo::here();
        }

        return ($this->edit)(
            $revisionId,
            $user,
            $operationId,
            $seen,
            array_map($this->log->edit(...), $last->inverse),
            $last->id,
        );
    }
}
