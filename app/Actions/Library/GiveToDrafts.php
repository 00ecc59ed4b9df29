<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Actions\Kit\EditConflict;
use App\Actions\Kit\EditRevision;
use App\Actions\Kit\KitFolder;
use App\Actions\Kit\UnknownChange;
use App\Models\Release;
use App\Models\Revision;
use App\Models\User;
use Chiralex\ChiralexException;
use Ramsey\Uuid\Uuid;

/** Gives what the library knows to every draft that does not state it itself, as edits that can be taken back. */
final readonly class GiveToDrafts
{
    public function __construct(private PartLibrary $library, private KitFolder $folder, private EditRevision $edit) {}

    /**
     * @return list<string> the drafts that took something, as `Frost Bell B`
     * @throws EditConflict when a draft was changed in the same moment
     * @throws UnknownChange never for facts of lines
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
            $changes = $this->library->changes(
                $this->folder->kit($revision),
                $this->folder->files($revision)['kit.json'] ?? '{}',
            );
            if ($changes !== []) {
                ($this->edit)(
                    $revision->id,
                    $user,
                    Uuid::uuid5($operationId, "draft {$revision->id}")->toString(),
                    $revision->sequence,
                    $changes,
                );
                $taken[] = "{$revision->kit->name} {$revision->name}";
            }
        }

        return $taken;
    }
}
