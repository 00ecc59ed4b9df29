<?php

declare(strict_types=1);

namespace App\Queries;

use App\Actions\Kit\Documents;
use App\Actions\Report\Judgements;
use App\Models\Kit;
use App\Models\Release;
use App\Models\Revision;

/** The rows of the Shelf: each kit with its newest revision, its board, what is open and what to do next. */
final readonly class Shelf
{
    public function __construct(
        private Documents $documents,
        private Sales $sales,
        private Judgements $judgements,
    ) {}

    /** @return list<array<string, mixed>> */
    public function rows(): array
    {
        $hand = array_column($this->sales->stock(), 'onHand', 'kitId');
        $open = $this->judgements->open();

        return array_values(Kit::query()->orderBy('name')->get()->map(fn(Kit $kit): array => $this->shown($kit, $hand[$kit->id] ?? 0, $open[$kit->id] ?? 0))->all());
    }

    /** @return array<string, mixed> */
    public function row(Kit $kit): array
    {
        return $this->shown($kit, array_column($this->sales->stock(), 'onHand', 'kitId')[$kit->id] ?? 0, $this->judgements->open()[$kit->id] ?? 0);
    }

    /** @return array<string, mixed> */
    private function shown(Kit $kit, int $onHand, int $openReports): array
    {
        $revision = Revision::query()->where('kit_id', $kit->id)->orderByDesc('id')->firstOrFail();
        $row = $this->documents->get($revision, 'shelf');

        return ['id' => $kit->id, 'name' => $kit->name, 'revisionId' => $revision->id, 'revision' => $revision->name, 'revisions' => Revision::query()->where('kit_id', $kit->id)->count(), 'changed' => $revision->updated_at->toIso8601String(), 'released' => Release::query()->where('revision_id', $revision->id)->exists(), 'onHand' => $onHand, 'openReports' => $openReports, ...$row];
    }
}
