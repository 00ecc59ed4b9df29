<?php

declare(strict_types=1);

namespace App\Models;

use Chiralex\Trade\Whereabouts;
use Illuminate\Database\Eloquent\Model;

/**
 * One entry of the book of packed kits; the book only grows.
 *
 * @property int $id
 * @property int $unit_id
 * @property int $sequence from 1, for its kit
 * @property string $operation_id
 * @property Whereabouts $entry
 * @property ?int $order_id
 * @property ?int $user_id
 * @property string $note
 */
final class UnitMove extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'unit_moves';

    protected $fillable = ['unit_id', 'sequence', 'operation_id', 'entry', 'order_id', 'user_id', 'note'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['entry' => Whereabouts::class];
    }
}
