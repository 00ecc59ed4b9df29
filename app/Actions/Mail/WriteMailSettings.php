<?php

declare(strict_types=1);

namespace App\Actions\Mail;

use App\Models\MailSettings;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Saves by which way letters go, against the version that was seen. No password goes into the audit. */
final readonly class WriteMailSettings
{
    private const HERE = ['localhost', '127.0.0.1', '::1'];

    /**
     * @param array<string, string|int|null> $columns
     * @throws MailRefusal when somebody else wrote it meanwhile, or a password would go over the net in clear
     */
    public function __invoke(array $columns, int $seen, ?int $userId): MailSettings
    {
        return DB::transaction(static function () use ($columns, $seen, $userId): MailSettings {
            $settings = MailSettings::query()->lockForUpdate()->findOrFail(1);
            if ($settings->version !== $seen) {
                throw MailRefusal::written();
            }
            $before = array_diff_key($settings->only(array_keys($columns)), self::secrets());
            $settings->fill($columns + ['version' => $seen + 1]);
            foreach (['smtp', 'imap'] as $side) {
                $host = $settings->getAttribute("{$side}_host");
                $user = $settings->getAttribute("{$side}_user");
                if (
                    $settings->getAttribute("{$side}_security") === 'none' &&
                    is_string($host) &&
                    $host !== '' &&
                    $user !== '' &&
                    !in_array(strtolower($host), self::HERE, true)
                ) {
                    throw MailRefusal::inClear($host);
                }
            }
            if ($settings->isDirty(['imap_host', 'imap_folder', 'imap_user'])) {
                $settings->fill(['seen_uid' => 0, 'seen_validity' => 0]);
            }
            $settings->fill(['fault' => ''])->save();
            Audit::record($userId, 'mail.settings', $before, array_diff_key($columns, self::secrets()));

            return $settings;
        });
    }

    /** @return array<string, true> */
    private static function secrets(): array
    {
        return ['smtp_password' => true, 'imap_password' => true];
    }
}
