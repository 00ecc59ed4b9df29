<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * By which way letters go out and come in: one row. Passwords are encrypted and leave the server only towards the mailbox.
 *
 * @property int $id
 * @property string $way simulated, draft, real
 * @property string $smtp_host
 * @property int $smtp_port
 * @property string $smtp_security tls, starttls, none
 * @property string $smtp_user
 * @property ?string $smtp_password
 * @property string $imap_host empty where no letters are fetched
 * @property int $imap_port
 * @property string $imap_security tls, starttls, none
 * @property string $imap_user
 * @property ?string $imap_password
 * @property string $imap_folder
 * @property int $seen_validity UIDVALIDITY of the folder when it was read last
 * @property int $seen_uid highest UID that was read of it
 * @property ?Carbon $fetched_at
 * @property string $fault what the mailbox said when it was read last; empty where all was well
 * @property int $version
 */
final class MailSettings extends Model
{
    public $timestamps = false;

    protected $table = 'mail_settings';

    protected $fillable = [
        'way',
        'smtp_host',
        'smtp_port',
        'smtp_security',
        'smtp_user',
        'smtp_password',
        'imap_host',
        'imap_port',
        'imap_security',
        'imap_user',
        'imap_password',
        'imap_folder',
        'seen_validity',
        'seen_uid',
        'fetched_at',
        'fault',
        'version',
    ];

    protected $hidden = ['smtp_password', 'imap_password'];

    public static function ours(): self
    {
        return self::query()->findOrFail(1);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'smtp_password' => 'encrypted',
            'imap_password' => 'encrypted',
            'smtp_port' => 'integer',
            'imap_port' => 'integer',
            'seen_validity' => 'integer',
            'seen_uid' => 'integer',
            'fetched_at' => 'datetime',
            'version' => 'integer',
        ];
    }
}
