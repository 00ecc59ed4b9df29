<?php

declare(strict_types=1);

namespace App\Models;

use App\Actions\Export\ExportKind;
use Illuminate\Database\Eloquent\Model;

/**
 * A file that is made in the background.
 *
 * @property int $id
 * @property string $operation_id
 * @property ExportKind $kind
 * @property int $subject id of what it is made from
 * @property string $options what is chosen, empty for the defaults
 * @property string $paper
 * @property int $kits for how many, where that matters
 * @property string $piece name of the bag or serial number, for a single label
 * @property string $status queued, running, done, failed, cancelled
 * @property int $progress percent
 * @property ?string $sha256
 * @property string $name of the file
 * @property ?string $fault
 * @property ?int $user_id
 */
final class Export extends Model
{
    protected $fillable = [
        'operation_id',
        'kind',
        'subject',
        'paper',
        'options',
        'kits',
        'piece',
        'status',
        'progress',
        'sha256',
        'name',
        'fault',
        'user_id',
    ];

    /** @return array<string, class-string|string> */
    protected function casts(): array
    {
        return ['kind' => ExportKind::class, 'progress' => 'integer', 'subject' => 'integer'];
    }
}
