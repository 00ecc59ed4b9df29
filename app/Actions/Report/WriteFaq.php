<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Models\FaqAnswer;
use App\Support\Audit;
use Chiralex\Fault\Cause;
use Chiralex\Fault\Symptom;
use Illuminate\Support\Facades\DB;

/** Writes the FAQ entry of a kit for a symptom and its cause; there is one, and it can be changed. */
final readonly class WriteFaq
{
    /** @param list<string> $anchor designators of the step it belongs to, or a gate's name */
    public function __invoke(
        int $kitId,
        ?int $userId,
        Symptom $symptom,
        Cause $cause,
        string $question,
        string $answer,
        array $anchor,
        bool $published,
    ): int {
        return DB::transaction(static function () use (
            $kitId,
            $userId,
            $symptom,
            $cause,
            $question,
            $answer,
            $anchor,
            $published,
        ): int {
            $key = ['kit_id' => $kitId, 'symptom' => $symptom, 'cause' => $cause];
            $words = compact('question', 'answer', 'anchor', 'published');
            $before = FaqAnswer::query()->where($key)->lockForUpdate()->first();
            $told = $before?->only(['question', 'answer', 'published']);
            $entry = $before ?? FaqAnswer::query()->createOrFirst($key, $words);
            $entry->update($words);
            Audit::record($userId, 'faq.write', $told, $key + $words);

            return $entry->id;
        });
    }
}
