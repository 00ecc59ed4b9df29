<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Pieces of one part that came in together.
 *
 * @property int $id
 * @property int $stock_part_id
 * @property string $name
 */
final class Lot extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['operation_id', 'stock_part_id', 'name', 'user_id'];
}
