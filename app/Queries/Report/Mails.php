<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Models\Mail;
use App\Queries\Page;
use Illuminate\Database\Eloquent\Builder;

/** Mails of ours, and how far each is. */
final readonly class Mails
{
    /** @return array{mails: list<array<string, mixed>>, page: int, pages: int, total: int} newest first */
    public function page(Page $page): array
    {
        $query = Mail::query()->when(
            $page->search !== '',
            static fn(Builder $some): Builder => $some->where(
                static fn(Builder $either): Builder => $either
                    ->where('subject', 'ilike', $page->pattern())
                    ->orWhere('body', 'ilike', $page->pattern()),
            ),
        );
        $total = (clone $query)->count();
        $mails = $query
            ->with('customer')
            ->orderByDesc('id')
            ->limit($page->rows)
            ->offset(($page->number - 1) * $page->rows)
            ->get();

        return ['mails' => array_values($mails->map(self::shape(...))->all())] + $page->told($total);
    }

    /** @return list<array<string, mixed>> those of a report, the oldest first */
    public function of(int $reportId): array
    {
        return array_values(
            Mail::query()
                ->with('customer')
                ->where('report_id', $reportId)
                ->orderBy('id')
                ->get()
                ->map(self::shape(...))
                ->all(),
        );
    }

    /** @return array<string, mixed> */
    public static function shape(Mail $mail): array
    {
        return [
            'id' => $mail->id,
            'reportId' => $mail->report_id,
            'to' => $mail->customer->name,
            'subject' => $mail->subject,
            'body' => $mail->body,
            'status' => $mail->status->value,
            'fault' => $mail->fault,
            'dueAt' => $mail->due_at?->toIso8601String(),
            'at' => $mail->created_at->toIso8601String(),
        ];
    }
}
