<?php

declare(strict_types=1);

namespace App\Actions\Mail;

use App\Actions\Report\SendPieces;
use App\Actions\Sales\OrderConflict;
use App\Models\Mail;
use App\Models\MailStatus;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Takes a mail back while it waits; afterwards it is gone. A draft, or one that failed, can be laid away too, or marked as sent by hand. */
final readonly class TakeMailBack
{
    public function __construct(private SendPieces $pieces) {}

    /**
     * With the parcel that it speaks of, if that is still in the house.
     *
     * @throws MailGone when it has left
     * @throws OrderConflict when somebody changed the parcel's order just now
     */
    public function __invoke(int $mailId, ?int $userId): Mail
    {
        return DB::transaction(function () use ($mailId, $userId): Mail {
            $mail = $this->put($mailId, $userId, MailStatus::TakenBack, [
                MailStatus::Waiting,
                MailStatus::Draft,
                MailStatus::Failed,
            ]);
            $this->pieces->callBack($mail, $userId);

            return $mail;
        });
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
