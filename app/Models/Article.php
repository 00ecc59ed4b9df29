<?php

declare(strict_types=1);

namespace App\Models;

use Chiralex\Trade\ArticleForm;
use Chiralex\Trade\Dealing;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What the shop sells.
 *
 * @property int $id
 * @property ?string $operation_id
 * @property ArticleForm $form
 * @property ?int $kit_id
 * @property string $options of a kit, as `box=drilled;power=jack`
 * @property int $pack_size kits of it: 1, or 5, 10, 20
 * @property Dealing $dealing
 * @property ?string $name of goods; a kit bears its own
 * @property ?int $unit_price in minor units
 * @property ?string $currency
 * @property int $version
 * @property ?Carbon $retired_at
 * @property-read ?Kit $kit
 */
final class Article extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = [
        'operation_id',
        'form',
        'kit_id',
        'options',
        'pack_size',
        'dealing',
        'name',
        'unit_price',
        'currency',
        'version',
        'retired_at',
    ];

    /** In words: goods by their name; else the kit, its options, and what class pack it is. */
    public function title(): string
    {
        $pack = match ($this->dealing) {
            Dealing::Single => '',
            Dealing::ByKind => ", class pack of {$this->pack_size}, dealt by part",
            Dealing::ByPupil => ", class pack of {$this->pack_size}, a kit a pupil",
        };

        return $this->name ??
            trim(($this->kit->name ?? '') . $pack . ' ' . strtr($this->options, ['=' => ': ', ';' => ', ']));
    }

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['form' => ArticleForm::class, 'dealing' => Dealing::class, 'retired_at' => 'datetime'];
    }
}
