<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Models\FaqAnswer;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Writes the FAQ entry of a kit for a symptom, its cause and the place of that; there is one of each, and it can be changed. */
final readonly class WriteFaq
{
    /**
     * @param array{symptom: string, cause: string, part: string} $key
     * @param array{question: string, answer: string, anchor: list<string>, published: bool, option: string, from_revision_id: ?int, to_revision_id: ?int} $words
     */
    public function __invoke(int $kitId, ?int $userId, array $key, array $words): int
    {
        return DB::transaction(static function () use ($kitId, $userId, $key, $words): int {
            $key = ['kit_id' => $kitId] + $key;
            $before = FaqAnswer::query()->where($key)->lockForUpdate()->first();
            $told = $before?->only(array_keys($words));
            $entry = $before ?? FaqAnswer::query()->createOrFirst($key, $words);
            $entry->update($words);
            Audit::record($userId, 'faq.write', $told, $key + $words);

            return $entry->id;
        });
    }
}
