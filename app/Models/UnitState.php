<?php

declare(strict_types=1);

namespace App\Models;

use Chiralex\Trade\Whereabouts;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Where a packed kit is now: the last entry of its book, kept by the database.
 *
 * @property int $unit_id
 * @property int $kit_id
 * @property string $options
 * @property Whereabouts $entry
 * @property int $sequence
 * @property bool $sealed in a class pack that nobody has opened
 * @property ?int $order_id
 * @property-read Unit $unit
 */
final class UnitState extends Model
{
    public $timestamps = false;
    public $incrementing = false;

    protected $primaryKey = 'unit_id';

    /** @return BelongsTo<Unit, $this> */
    public function unit(): BelongsTo
    {
        return $this->belongsTo(Unit::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['entry' => Whereabouts::class, 'sealed' => 'boolean'];
    }
}
