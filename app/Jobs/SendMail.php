<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Mail\DrawCallout;
use App\Devices\Mail\MailFailure;
use App\Devices\Mail\MailOut;
use App\Models\Mail;
use App\Models\MailStatus;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Sends a mail once its time to be taken back is over. A row lock keeps a second worker from sending it again. */
final class SendMail implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 3;
    public int $timeout = 60;
    public int $backoff = 30;

    public function __construct(private readonly int $mailId) {}

    public function handle(MailOut $out, DrawCallout $draw): void
    {
        $waiting = Mail::query()->where('status', MailStatus::Waiting)->find($this->mailId);
        if ($waiting !== null) {
            $draw($waiting);
        }

        DB::transaction(function () use ($out): void {
            $mail = Mail::query()->lockForUpdate()->find($this->mailId);
            if ($mail === null || $mail->status !== MailStatus::Waiting) {
                return;
            }
            try {
                $mail->update(['status' => $out->send($mail), 'fault' => '']);
            } catch (MailFailure $why) {
                if (
                    $this->attempts() < $this->tries &&
                    $this->job !== null &&
                    $this->job->getConnectionName() !== 'sync'
                ) {
                    throw $why;
                }
                $mail->update(['status' => MailStatus::Failed, 'fault' => mb_substr($why->getMessage(), 0, 300)]);
            }
        });
    }

    public function failed(?Throwable $fault): void
    {
        Mail::query()
            ->where('id', $this->mailId)
            ->where('status', MailStatus::Waiting)
            ->update([
                'status' => MailStatus::Failed,
                'fault' => mb_substr(
                    $fault instanceof MailFailure ? $fault->getMessage() : 'It could not be sent; try again.',
                    0,
                    300,
                ),
            ]);
    }
}
