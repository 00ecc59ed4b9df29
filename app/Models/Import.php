<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Dropped files on their way to a kit: worked out by the worker before anything of them is kept.
 *
 * @property int $id
 * @property string $operation_id
 * @property ?int $user_id
 * @property string $status queued, running, done, failed, cancelled
 * @property int $progress percent
 * @property list<array{name: string, sha256: string}> $files as they were dropped
 * @property ?int $designator_column which column of the parts list holds designators, where the maker said so
 * @property ?string $chosen_list which of several tables is the parts list, where the maker said so
 * @property ?string $fault why it was refused
 * @property ?list<string> $headers columns of a parts list that names none for designators
 * @property ?list<string> $lists tables that may be the parts list
 * @property ?int $revision_id what it became
 */
final class Import extends Model
{
    protected $fillable = [
        'operation_id',
        'user_id',
        'status',
        'progress',
        'files',
        'designator_column',
        'fault',
        'headers',
        'chosen_list',
        'lists',
        'revision_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'files' => 'array',
            'headers' => 'array',
            'lists' => 'array',
            'progress' => 'integer',
            'designator_column' => 'integer',
        ];
    }
}
