<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Revision;
use App\Models\User;
use App\Queries\Kit\EditHistory;
use Chiralex\ChiralexException;

/** Does the edit again that was taken back last, where nothing was edited since. */
final readonly class RedoEdit
{
    public function __construct(private EditRevision $edit, private EditLog $log) {}

    /**
     * @throws EditConflict
     * @throws NothingToRedo
     * @throws ChiralexException
     */
    public function __invoke(int $revisionId, User $user, string $operationId, int $seen): Revision
    {
        $last = EditHistory::of($revisionId)->forth();
        if ($last === null) {
            throw NothingToRedo::here();
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
