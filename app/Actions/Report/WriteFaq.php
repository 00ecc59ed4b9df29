<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Support\Audit;
use App\Support\Row;
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
            $key = ['kit_id' => $kitId, 'symptom' => $symptom->value, 'cause' => $cause->value];
            $before = Row::first(DB::table('faq_entries')->where($key)->lockForUpdate());
            $words = [
                'question' => $question,
                'answer' => $answer,
                'anchor' => json_encode($anchor, JSON_THROW_ON_ERROR),
                'published' => $published,
                'updated_at' => now(),
            ];
            DB::table('faq_entries')->updateOrInsert($key, $words + ($before === null ? ['created_at' => now()] : []));
            Audit::record(
                $userId,
                'faq.write',
                $before === null
                    ? null
                    : [
                        'question' => $before->text('question'),
                        'answer' => $before->text('answer'),
                        'published' => $before->flag('published'),
                    ],
                $key + $words,
            );

            return Row::first(DB::table('faq_entries')->where($key))?->int('id') ?? 0;
        });
    }
}
