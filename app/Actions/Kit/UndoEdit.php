<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Edit;
use App\Models\Revision;
use App\Models\User;
use Chiralex\ChiralexException;

/** Takes the newest edit back that is neither an undo nor undone; the log only grows. */
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
        $undone = Edit::query()->where('revision_id', $revisionId)->whereNotNull('undoes')->pluck('undoes');
        $last = Edit::query()
            ->where('revision_id', $revisionId)
            ->whereNull('undoes')
            ->whereNotIn('id', $undone)
            ->orderByDesc('sequence')
            ->first();
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
