<?php

declare(strict_types=1);

namespace App\Queries;

use App\Actions\Kit\Documents;
use App\Models\Edit;
use App\Models\Revision;

/** What every station needs to know of a revision. */
final readonly class RevisionHeader
{
    public function __construct(private Documents $documents) {}

    /** @return array<string, mixed> */
    public function of(Revision $revision): array
    {
        /** @var array{matters: list<array{severity: string, station: string, code: string, message: string, designators: list<string>}>} $check */
        $check = $this->documents->get($revision, 'check');
        $undone = Edit::query()->where('revision_id', $revision->id)->whereNotNull('undoes')->pluck('undoes');
        $last = Edit::query()->with('user')->where('revision_id', $revision->id)->whereNull('undoes')->whereNotIn('id', $undone)->orderByDesc('sequence')->first();

        return [
            'id' => $revision->id,
            'kit' => $revision->kit->name,
            'revision' => $revision->name,
            'sequence' => $revision->sequence,
            'files' => array_keys($revision->files),
            'matters' => $check['matters'],
            'undo' => $last === null ? null : ['by' => $last->user->name, 'at' => $last->created_at->toIso8601String()],
        ];
    }
}
