<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One packed kit.
 *
 * @property int $id
 * @property int $release_id
 * @property int $run_id
 * @property int $pack of the run, from 0
 * @property int $number
 * @property string $serial
 * @property-read Release $release
 * @property-read Run $run
 */
final class Unit extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['release_id', 'run_id', 'pack', 'number', 'serial'];

    /** @return BelongsTo<Release, $this> */
    public function release(): BelongsTo
    {
        return $this->belongsTo(Release::class);
    }

    /** @return BelongsTo<Run, $this> */
    public function run(): BelongsTo
    {
        return $this->belongsTo(Run::class);
    }
}
