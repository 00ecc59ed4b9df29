<?php

declare(strict_types=1);

namespace App\Actions\Mail;

use App\Jobs\SendMail;
use App\Models\Customer;
use App\Models\Mail;
use App\Models\MailStatus;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Letters to all who have a kit with pieces of a bad lot: drafted, looked at by a person, then sent together or taken back. */
final readonly class DraftMails
{
    public function __construct(private WriteMail $write) {}

    /**
     * @param string $letter with `{name}` and `{kits}`
     * @param list<array{customer: ?int, kit: string, serial: string}> $units
     * @return int how many were drafted: one a customer who left an address
     */
    public function __invoke(int $stopId, string $subject, string $letter, array $units): int
    {
        $kits = [];
        foreach ($units as $unit) {
            if ($unit['customer'] !== null) {
                $kits[$unit['customer']][] = "{$unit['kit']} {$unit['serial']}";
            }
        }
        $customers = Customer::reachable(array_keys($kits))->orderBy('id')->get();
        foreach ($customers as $customer) {
            $said = [
                '{name}' => explode(' ', trim($customer->name))[0],
                '{kits}' => implode(', ', $kits[$customer->id]),
            ];
            $this->write->draft($customer->id, $subject, strtr($letter, $said), $stopId);
        }

        return count($customers);
    }

    /** @return int how many go out now, each after its moment to be taken back */
    public function send(int $stopId, ?int $userId): int
    {
        return DB::transaction(static function () use ($stopId, $userId): int {
            $drafts = Mail::query()
                ->where('lot_stop_id', $stopId)
                ->where('status', MailStatus::Draft)
                ->lockForUpdate()
                ->get();
            foreach ($drafts as $mail) {
                $mail->update(['status' => MailStatus::Waiting, 'due_at' => now()->addSeconds(WriteMail::WAITS)]);
                SendMail::dispatch($mail->id)->delay(WriteMail::WAITS);
            }
            Audit::record($userId, 'lot.letters', null, ['stop' => $stopId, 'sent' => count($drafts)]);

            return count($drafts);
        });
    }

    public function takeBack(int $stopId): void
    {
        Mail::query()
            ->where('lot_stop_id', $stopId)
            ->whereIn('status', [MailStatus::Draft, MailStatus::Waiting])
            ->update(['status' => MailStatus::TakenBack]);
    }
}
