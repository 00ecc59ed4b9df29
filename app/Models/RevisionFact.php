<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What lists show of a revision, computed apart from them.
 *
 * @property int $revision_id
 * @property int $sequence of the revision when it was computed
 * @property string $code version of the code that computed it
 * @property ?array<string, mixed> $shelf document of the Shelf without its picture; null where the kit could not be read
 * @property ?list<array<string, mixed>> $options of the kit
 * @property ?string $picture SHA-256 of the board's picture
 * @property ?string $fault why it could not be computed
 * @property bool $blocked true where that broke a limit, so that it is not tried again before the draft changes
 */
final class RevisionFact extends Model
{
    public const CREATED_AT = null;

    public $incrementing = false;

    protected $primaryKey = 'revision_id';

    protected $fillable = ['revision_id', 'sequence', 'code', 'shelf', 'options', 'picture', 'fault', 'blocked'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['shelf' => 'array', 'options' => 'array', 'sequence' => 'integer', 'blocked' => 'boolean'];
    }
}
