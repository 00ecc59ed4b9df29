<?php

declare(strict_types=1);

namespace App\Queries;

use App\Actions\Kit\Documents;
use App\Models\Kit;
use App\Models\Revision;

/** The rows of the Shelf: each kit with its newest revision, its board, what is open and what to do next. */
final readonly class Shelf
{
    public function __construct(private Documents $documents) {}

    /** @return list<array<string, mixed>> */
    public function rows(): array
    {
        return array_values(Kit::query()->orderBy('name')->get()->map($this->row(...))->all());
    }

    /** @return array<string, mixed> */
    public function row(Kit $kit): array
    {
        $revision = Revision::query()->where('kit_id', $kit->id)->orderByDesc('id')->firstOrFail();
        $row = $this->documents->get($revision, 'shelf');

        return ['id' => $kit->id, 'name' => $kit->name, 'revisionId' => $revision->id, 'revision' => $revision->name, 'revisions' => Revision::query()->where('kit_id', $kit->id)->count(), 'changed' => $revision->updated_at->toIso8601String(), ...$row];
    }
}
