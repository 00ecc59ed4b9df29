<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Actions\Kit\EditConflict;
use App\Actions\Kit\EditRevision;
use App\Models\Release;
use App\Models\Revision;
use App\Models\User;
use App\Queries\Kit\KitFolder;
use Chiralex\ChiralexException;
use Chiralex\Kit\Edit\Edit;
use Ramsey\Uuid\Uuid;

/** Gives what the library knows to every draft that does not state it itself, as edits that can be taken back. */
final readonly class GiveToDrafts
{
    public function __construct(private PartLibrary $library, private KitFolder $folder, private EditRevision $edit) {}

    /**
     * @return list<string> the drafts that took something, as `Frost Bell B`
     * @throws LibraryConflict when a draft was changed in the same moment
     * @throws ChiralexException when a fact makes a kit file unreadable
     */
    public function __invoke(User $user, string $operationId): array
    {
        $taken = [];
        $drafts = Revision::query()
            ->with('kit')
            ->whereNotIn('id', Release::query()->select('revision_id'))
            ->orderBy('id')
            ->get();
        foreach ($drafts as $revision) {
            $edits = $this->library->edits($this->folder->kit($revision), $this->folder->of($revision));
            if ($edits !== []) {
                $this->give($revision, $user, Uuid::uuid5($operationId, "draft {$revision->id}")->toString(), $edits);
                $taken[] = "{$revision->kit->name} {$revision->name}";
            }
        }

        return $taken;
    }

    /**
     * @param list<Edit> $edits
     * @throws LibraryConflict
     * @throws ChiralexException
     */
    private function give(Revision $draft, User $user, string $operationId, array $edits): void
    {
        try {
            ($this->edit)($draft->id, $user, $operationId, $draft->sequence, $edits);
        } catch (EditConflict) {
            throw LibraryConflict::draftMoved();
        }
    }
}
