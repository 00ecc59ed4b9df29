<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Actions\Kit\Documents;
use App\Models\Release;

/** Parts of a kit's newest release, each with what it is in words: what a letter may call it by. */
final readonly class PartWords
{
    public function __construct(private Documents $documents) {}

    /** @return array<string, string> designator to words; none where nothing was released */
    public function of(int $kitId): array
    {
        $release = Release::query()
            ->whereHas('revision', static fn($revision) => $revision->where('kit_id', $kitId))
            ->orderByDesc('id')
            ->first();
        if ($release === null) {
            return [];
        }
        /** @var array{lines?: list<array{designators: list<string>, kind: string, text: string}>} $parts */
        $parts = $this->documents->get($release->revision, 'parts');
        $words = [];
        foreach ($parts['lines'] ?? [] as $line) {
            foreach ($line['designators'] as $designator) {
                $words[$designator] = trim("{$line['kind']} {$line['text']}");
            }
        }

        return $words;
    }
}
