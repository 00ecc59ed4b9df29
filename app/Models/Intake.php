<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A file of letters or reports on its way in.
 *
 * @property int $id
 * @property string $operation_id
 * @property ?int $user_id
 * @property string $name
 * @property string $sha256
 * @property string $status queued, running, done, failed
 * @property int $progress percent
 * @property array<string, int> $counts what became of its letters: `report`, `follows`, `apart`, `again`
 * @property list<array<string, mixed>> $problems rows that could not be taken
 * @property ?string $fault
 */
final class Intake extends Model
{
    protected $fillable = [
        'operation_id',
        'user_id',
        'name',
        'sha256',
        'status',
        'progress',
        'counts',
        'problems',
        'fault',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['counts' => 'array', 'problems' => 'array', 'progress' => 'integer'];
    }
}
