<?php

declare(strict_types=1);

namespace App\Models;

use Chiralex\Trade\Dealing;
use Chiralex\Trade\PackWay;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A packing run: so many bags to fill a line, each for a kit or for a class pack dealt by part kind, and the lines as they were when it began.
 *
 * @property int $id
 * @property int $release_id
 * @property int<1, max> $packs
 * @property int $pack_size 1, or 5, 10, 20 for class packs
 * @property Dealing $dealing how the kits of a class pack lie in it
 * @property PackWay $way in which order its bags are filled
 * @property non-empty-list<array<string, mixed>> $lines
 * @property string $options what is chosen, empty for the defaults
 * @property Carbon $created_at
 * @property-read Release $release
 */
final class Run extends Model
{
    public const UPDATED_AT = null;

    /** @var array<string, mixed> */
    protected $attributes = ['way' => 'line'];

    protected $fillable = [
        'release_id',
        'operation_id',
        'packs',
        'pack_size',
        'dealing',
        'way',
        'lines',
        'options',
        'user_id',
    ];

    /** Kits that one key of the packer fills: all of a class pack that is dealt by part kind. */
    public function kitsAtOnce(): int
    {
        return $this->dealing->kitsAtOnce($this->pack_size);
    }

    /** @return BelongsTo<Release, $this> */
    public function release(): BelongsTo
    {
        return $this->belongsTo(Release::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'lines' => 'array',
            'packs' => 'integer',
            'pack_size' => 'integer',
            'dealing' => Dealing::class,
            'way' => PackWay::class,
            'created_at' => 'datetime',
        ];
    }
}
