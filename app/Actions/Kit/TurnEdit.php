<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Library\RememberedFiles;
use App\Models\Revision;
use App\Models\User;
use App\Queries\Kit\EditHistory;
use Chiralex\ChiralexException;

/** Takes the newest edit back, or does the edit again that was taken back last; the log only grows. */
final readonly class TurnEdit
{
    public function __construct(private EditRevision $edit, private EditLog $log, private RememberedFiles $files) {}

    /**
     * @throws EditConflict
     * @throws NothingToTurn when every edit is taken back, or nothing was since the last edit
     * @throws ChiralexException
     */
    public function __invoke(Turn $turn, int $revisionId, User $user, string $operationId, int $seen): Revision
    {
        $history = EditHistory::of($revisionId);
        $entry = match ($turn) {
            Turn::Undo => $history->back(),
            Turn::Redo => $history->forth(),
        };
        if ($entry === null) {
            throw NothingToTurn::on($turn);
        }

        $edits = array_map($this->log->edit(...), $entry->inverse);
        $revision = ($this->edit)($revisionId, $user, $operationId, $seen, $edits, $entry->id);
        // What was said of a file and taken back is not said of the shop's next one either.
        $this->files->rememberEdits($revision, $edits);

        return $revision;
    }
}
