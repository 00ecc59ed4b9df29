<?php

declare(strict_types=1);

namespace App\Actions\Mail;

use App\Jobs\SendMail;
use App\Models\Mail;
use App\Models\MailStatus;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** Writes a mail to a customer: it waits a moment, in which it can be taken back, and then goes the shop's way. */
final readonly class WriteMail
{
    /** Seconds. */
    public const WAITS = 15;
    private const SUBJECT = 200;

    public function __invoke(int $customerId, ?int $reportId, string $subject, string $body, string $callout = ''): Mail
    {
        $mail = self::made($customerId, $subject, $body, [
            'report_id' => $reportId,
            'in_reply_to' => $reportId === null ? '' : self::last($reportId),
            'status' => MailStatus::Waiting,
            'due_at' => now()->addSeconds(self::WAITS),
            'callout' => $callout,
        ]);
        SendMail::dispatch($mail->id)->delay(self::WAITS)->onQueue('first');

        return $mail;
    }

    /** A mail that goes nowhere before a person says so. */
    public function draft(int $customerId, string $subject, string $body, int $stopId): Mail
    {
        return self::made($customerId, $subject, $body, [
            'in_reply_to' => '',
            'status' => MailStatus::Draft,
            'lot_stop_id' => $stopId,
        ]);
    }

    /** @param array<string, mixed> $more */
    private static function made(int $customerId, string $subject, string $body, array $more): Mail
    {
        return Mail::query()->create(
            [
                'customer_id' => $customerId,
                'subject' => mb_substr($subject, 0, self::SUBJECT),
                'body' => $body,
                'message_id' => Uuid::uuid4()->toString() . '@' . self::domain(),
            ] + $more,
        );
    }

    /** Message-ID of the newest letter of a report; empty where it came by another way. */
    private static function last(int $reportId): string
    {
        $id = DB::table('report_letters')
            ->join('letters', 'letters.id', '=', 'letter_id')
            ->where('report_id', $reportId)
            ->orderByDesc('written_at')
            ->orderByDesc('letters.id')
            ->value('message_id');

        return is_string($id) ? $id : '';
    }

    private static function domain(): string
    {
        $domain = substr((string) strrchr(Shop::ours()->email, '@'), 1);

        return preg_match('~^[a-z0-9.-]{3,100}$~i', $domain) === 1 ? $domain : 'chiralex.localhost';
    }
}
