<?php

declare(strict_types=1);

namespace App\Actions\Report\Intake;

use App\Models\Mail;
use App\Models\MailStatus;
use Illuminate\Support\Facades\DB;

/** Which report a letter belongs to: by the Message-IDs of the letters and mails that it answers. */
final readonly class Threads
{
    /** @param list<string> $references the nearest first */
    public function report(array $references): ?int
    {
        foreach ($references as $id) {
            $by =
                DB::table('letters')
                    ->join('report_letters', 'letter_id', '=', 'letters.id')
                    ->where('message_id', $id)
                    ->min('report_id') ??
                DB::table('mails')->where('message_id', $id)->whereNotNull('report_id')->min('report_id');
            if (is_int($by)) {
                return $by;
            }
        }

        return null;
    }

    public function reportOf(int $letterId): ?int
    {
        $report = DB::table('report_letters')->where('letter_id', $letterId)->value('report_id');

        return is_int($report) ? $report : null;
    }

    public function join(int $letterId, int $reportId, bool $follows, ?int $userId): void
    {
        DB::table('report_letters')->insertOrIgnore([
            'letter_id' => $letterId,
            'report_id' => $reportId,
            'follows' => $follows,
            'user_id' => $userId,
            'created_at' => now(),
        ]);
    }

    /**
     * @param list<string> $ids Message-IDs that a report of delivery names
     * @return ?int the mail of ours
     */
    public function bounced(array $ids): ?int
    {
        $mail = $ids === [] ? null : Mail::query()->whereIn('message_id', $ids)->orderBy('id')->first();

        return $mail?->id;
    }

    /** @return ?int the report whose answer came back */
    public function comeBack(int $mailId, string $why): ?int
    {
        $mail = Mail::query()->lockForUpdate()->findOrFail($mailId);
        $mail->update([
            'status' => MailStatus::Bounced,
            'fault' => mb_substr(trim((string) preg_replace('~\s+~u', ' ', $why)), 0, 300),
        ]);

        return $mail->report_id;
    }
}
