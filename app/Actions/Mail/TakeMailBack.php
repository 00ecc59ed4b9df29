<?php

declare(strict_types=1);

namespace App\Actions\Mail;

use App\Models\Mail;
use App\Models\MailStatus;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Takes a mail back while it waits; afterwards it is gone. A draft, or one that failed, can be laid away too, or marked as sent by hand. */
final readonly class TakeMailBack
{
    /** @throws MailGone when it has left */
    public function __invoke(int $mailId, ?int $userId): Mail
    {
        return $this->put($mailId, $userId, MailStatus::TakenBack, [
            MailStatus::Waiting,
            MailStatus::Draft,
            MailStatus::Failed,
        ]);
    }

    /**
     * A person sent the draft from their own mail program.
     *
     * @throws MailGone when it is none
     */
    public function sentByHand(int $mailId, ?int $userId): Mail
    {
        return $this->put($mailId, $userId, MailStatus::Sent, [
            MailStatus::Draft,
            MailStatus::Failed,
            MailStatus::Bounced,
        ]);
    }

    /** @param list<MailStatus> $from */
    private function put(int $mailId, ?int $userId, MailStatus $to, array $from): Mail
    {
        return DB::transaction(static function () use ($mailId, $userId, $to, $from): Mail {
            $mail = Mail::query()->lockForUpdate()->findOrFail($mailId);
            if ($mail->status !== $to) {
                if (!in_array($mail->status, $from, true)) {
                    throw MailGone::already($mail->status);
                }
                $mail->update(['status' => $to]);
                Audit::record($userId, 'mail.' . $to->value, null, ['mail' => $mailId]);
            }

            return $mail;
        });
    }
}
